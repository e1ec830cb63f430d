<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Models\Enquiry;
use App\Models\RegisteredController;
use App\Queries\Registers\RegistersInForce;
use App\Support\KeyStore;
use Juramen\Canon\Id;
use Juramen\Register\Retention;

/** Keeps what a person wanted besides any consent: encrypted, for the days that the house sets, whatever was ticked. */
final class KeepEnquiry
{
    public function __construct(private readonly RegistersInForce $inForce, private readonly KeyStore $keys) {}

    /** Inside the transaction that takes the submission. */
    public function __invoke(Signup $signup): void
    {
        $controller = $signup->edition->controller->id->text;
        Enquiry::query()->create([
            'id' => Id::random(),
            'point_edition_id' => $signup->editionId(),
            'controller_id' => RegisteredController::query()->where('slug', $controller)->valueOrFail('id'),
            'lookup' => $this->keys->lookup($controller, 'email', $signup->email->lookup()),
            'language' => $signup->language,
            'content' => array_intersect_key(HeldContent::of($signup)->toArray(), ['email' => true, 'values' => true]),
            'received_at' => $signup->occurred,
            'deleted_at' => $signup->occurred->plusDays($this->inForce->registers()->house->daysKept(Retention::Enquiry)),
        ]);
    }
}
