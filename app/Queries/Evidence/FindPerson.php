<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use App\Actions\Signup\KnowSubscriber;
use App\Models\KeptFile;
use App\Models\RegisteredController;
use App\Models\Subscriber;
use App\Support\Stored;
use Illuminate\Database\Eloquent\Builder;
use Juramen\Canon\Id;
use Juramen\Register\EmailAddress;

/** The person behind an address, as any controller of the house knows them. */
final class FindPerson
{
    public function __construct(private readonly KnowSubscriber $subscribers) {}

    /** @param  string  $subject  in hex; whatever else it is names nobody */
    public function bySubject(string $subject): ?Subscriber
    {
        return preg_match('/^[0-9a-f]{32}$/D', $subject) === 1
            ? Subscriber::query()->with('controller')->where('subject', Id::fromHex($subject)->bytes)
                ->withExists(['journeys as found_spam' => static fn (Builder $q): Builder => $q->where('found_spam', true)])->first() : null;
    }

    public function __invoke(EmailAddress $email): ?Subscriber
    {
        foreach (Stored::texts(RegisteredController::query()->orderBy('id')->pluck('slug')) as $controller) {
            $subscriber = $this->subscribers->find($controller, $email);
            if ($subscriber !== null) {
                return $subscriber;
            }
        }

        return null;
    }

    /** The file that is kept with an entry of this person. */
    public function fileOf(Subscriber $person, string $entry): ?KeptFile
    {
        return preg_match('/^[0-9a-f]{32}$/D', $entry) !== 1 ? null
            : KeptFile::query()->where('subject', $person->subject->bytes)->where('entry', Id::fromHex($entry)->bytes)->first();
    }
}
