<?php

declare(strict_types=1);

namespace App\Queries\Evidence;

use App\Actions\Signup\KnowSubscriber;
use App\Models\RegisteredController;
use App\Models\Subscriber;
use App\Support\Stored;
use Juramen\Register\EmailAddress;

/** The person behind an address, as any controller of the house knows them. */
final class FindPerson
{
    public function __construct(private readonly KnowSubscriber $subscribers) {}

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
}
