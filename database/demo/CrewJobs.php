<?php

declare(strict_types=1);

namespace Database\Demo;

/** The old form on the crew-jobs page, which lives on a system of its own: it is read and judged, and published there. */
final class CrewJobs
{
    public const SHEET = [
        'point' => 'crew-jobs',
        'name' => 'Crew jobs, the old form',
        'kind' => 'job-application',
        'place' => 'the crew-jobs page of tidewick.example',
        'elsewhere' => 'https://jobs.tidewick.example/apply',
        'controller' => 'tidewick-ferries',
        'countries' => ['GB', 'SE'],
        'languages' => ['en'],
        'title' => ['en' => 'Work on board'],
        'purpose-line' => ['en' => 'We keep your application for six months.'],
        'fields' => [
            ['id' => 'name', 'kind' => 'name', 'label' => ['en' => 'Name'], 'required' => true, 'reason' => 'to know who applies'],
            ['id' => 'email', 'kind' => 'email', 'label' => ['en' => 'Email'], 'required' => true, 'reason' => 'the answer goes there'],
            ['id' => 'birthday', 'kind' => 'birthday', 'label' => ['en' => 'Date of birth'], 'required' => true, 'reason' => ''],
            ['id' => 'message', 'kind' => 'message', 'label' => ['en' => 'Your application'], 'required' => true, 'reason' => 'it is what is applied with'],
        ],
        'statements' => [['id' => 'voyage-news']],
        'button' => ['en' => 'Apply'],
    ];
}
