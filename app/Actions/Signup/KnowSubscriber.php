<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Ledger\Append;
use App\Casts\Instants;
use App\Models\ContactPoint;
use App\Models\RegisteredController;
use App\Models\Subscriber;
use App\Support\KeyStore;
use App\Support\Stored;
use App\Support\SystemClock;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Juramen\Canon\Digest;
use Juramen\Canon\Instant;
use Juramen\Register\EmailAddress;

/** Finds the person behind an address as one controller knows them, and makes them known where they are not. */
final class KnowSubscriber
{
    public function __construct(
        private readonly Append $append,
        private readonly KeyStore $keys,
        private readonly SystemClock $clock,
    ) {}

    public function find(string $controller, EmailAddress $email): ?Subscriber
    {
        // The keyed digest is made with the controller's name, so it finds nobody else's.
        return ContactPoint::query()->with('subscriber')->where('lookup', $this->lookup($controller, $email)->bytes)->where('kind', 'email')
            ->first()?->subscriber;
    }

    /** Inside a transaction; two at once for one address end with one person. */
    public function findOrMake(string $controller, EmailAddress $email): KnownSubscriber
    {
        $known = $this->find($controller, $email);
        if ($known !== null) {
            return new KnownSubscriber($known, $this->append->hold($known->subject));
        }
        $controllerId = RegisteredController::query()->where('slug', $controller)->valueOrFail('id');
        try {
            return DB::transaction(function () use ($controller, $controllerId, $email): KnownSubscriber {
                $chain = $this->append->begin('person');
                $subscriber = Subscriber::query()->create(
                    ['subject' => $chain->subject, 'controller_id' => $controllerId, 'first_seen' => $this->clock->instant()]
                );
                ContactPoint::query()->create(
                    ['subscriber_id' => $subscriber->id, 'controller_id' => $controllerId, 'kind' => 'email', 'lookup' => $this->lookup($controller, $email)]
                );

                return new KnownSubscriber($subscriber, $chain);
            });
        } catch (UniqueConstraintViolationException $e) {
            $known = $this->find($controller, $email) ?? throw $e;

            return new KnownSubscriber($known, $this->append->hold($known->subject));
        }
    }

    /** Since when whoever is behind an address is to be left alone; null where nothing says so. */
    public function leftAloneSince(string $controller, EmailAddress $email): ?Instant
    {
        $since = DB::table('do_not_contact')->where('lookup', $this->lookup($controller, $email)->bytes)->value('since');

        return $since === null ? null : Instants::read(Stored::text($since));
    }

    private function lookup(string $controller, EmailAddress $email): Digest
    {
        return $this->keys->lookup($controller, 'email', $email->lookup());
    }
}
