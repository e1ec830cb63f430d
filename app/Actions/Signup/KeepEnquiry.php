<?php

declare(strict_types=1);

namespace App\Actions\Signup;

use App\Actions\Registers\InForce;
use App\Models\Controller;
use App\Models\Enquiry;
use App\Models\PointEdition as EditionRow;
use App\Support\KeyStore;
use Juramen\Canon\Id;

/** Keeps what a person wanted besides any consent: encrypted, for the days that the house sets, whatever was ticked. */
final class KeepEnquiry
{
    public function __construct(private readonly InForce $inForce, private readonly KeyStore $keys) {}

    /** Inside the transaction that takes the submission. */
    public function __invoke(Signup $signup): void
    {
        $controller = $signup->edition->controller->id;
        Enquiry::query()->create([
            'id' => Id::random(),
            'point_edition_id' => EditionRow::query()->where('digest', $signup->edition->digest()->bytes)->valueOrFail('id'),
            'controller_id' => Controller::query()->where('slug', $controller)->valueOrFail('id'),
            'lookup' => $this->keys->lookup($controller, 'email', $signup->email->lookup()),
            'language' => $signup->language,
            'content' => ['email' => $signup->email->text, 'values' => $signup->values],
            'received_at' => $signup->occurred,
            'deleted_at' => $signup->occurred->plusDays($this->inForce->registers()->house->retentionDays['enquiry']),
        ]);
    }
}
