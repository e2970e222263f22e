<?php

declare(strict_types=1);

namespace App\Upkeep;

/**
 * Every column of the database that can hold what somebody wrote, and what erasing a vehicle's identity does with it. A test walks all
 * text columns there are: one that is not named here, nor among those that can hold no such thing, fails it.
 */
final class WhereWordsStand
{
    /** Replaced as a whole, by table, in the rows of the vehicle's jobs. */
    public const FREE = [
        'notes' => ['text'], 'waivers' => ['reason'], 'order_steps' => ['said', 'reference'], 'device_readings' => ['text', 'said'],
    ];

    /** Sentences and names of things, out of which only the words that were erased are taken. */
    public const SENTENCES = [
        'waivers' => ['found'], 'order_steps' => ['number', 'supplier'], 'board_slots' => ['place'], 'device_readings' => ['number'],
    ];

    /** Files and the like, looked through by their own rules; rows that are deleted or worked out anew. */
    public const LOOKED_THROUGH = [
        'readings' => ['typed', 'unit'], 'clutch_jobs' => ['base_sheet', 'promised_on'], 'signed_sheets' => ['json'],
        'kit_choices' => ['data'], 'photos' => ['caption', 'file', 'station', 'part', 'sha256'],
        'vehicles' => ['plate', 'number', 'search_text'], 'activity_log' => ['description', 'properties'],
        'job_facts' => ['class', 'model', 'duty', 'outcome', 'kit', 'hours', 'causes', 'marks', 'figures', 'check_on',
            'told'],
        'job_standings' => ['stage', 'marks', 'worst', 'missing', 'signed_by', 'broken', 'complaint', 'facts'],
    ];

    /** What stays, by table, each with the reason. */
    public const STAYS = [
        'readings' => ['field' => self::LIST, 'kind' => self::LIST, 'instrument' => self::LIST, 'by_name' => self::OURS],
        'notes' => ['station' => self::LIST, 'by_name' => self::OURS],
        'waivers' => ['finding' => self::LIST, 'reach' => self::LIST, 'basis' => 'a hash', 'by_name' => self::OURS,
            'seconded_by' => self::OURS],
        'job_assessments' => ['stamp' => 'a hash'],
        'order_steps' => ['part' => self::LIST, 'currency' => self::LIST, 'state' => self::LIST, 'due_on' => 'a day',
            'by_name' => self::OURS],
        'device_readings' => ['outcome' => self::LIST, 'field' => self::LIST],
        'board_slots' => ['task' => self::LIST, 'by_name' => self::OURS, 'laid_with' => 'a number'],
        'labour_clocks' => ['task' => self::LIST],
        'walk_put_behind' => ['field' => self::LIST, 'why' => self::LIST, 'by_name' => self::OURS], 'walkers' => ['place' => self::LIST],
        'armed_fields' => ['field' => self::LIST], 'kit_choices' => ['by_name' => self::OURS],
        'job_counts' => ['state' => self::LIST],
        'clutch_jobs' => ['waits_until' => 'a day', 'units' => self::LIST, 'state' => self::LIST, 'opened_by' => self::OURS],
        'practice_jobs' => ['level' => self::LIST, 'class' => self::LIST, 'tell' => self::LIST, 'summary' => 'no vehicle of anybody'],
        'practice_steps' => ['kind' => self::LIST, 'what' => self::LIST],
        'signed_sheets' => ['sha256' => 'a hash', 'sha256_as_signed' => 'a hash', 'by_name' => self::OURS],
        'photos' => ['by_name' => 'the row is deleted'],
        'job_facts' => ['wear_of' => self::LIST, 'solved_cause' => self::LIST, 'solved' => self::LIST],
        'vehicles' => ['name' => 'make and model', 'class' => self::LIST],
        'activity_log' => ['log_name' => self::LIST, 'subject_type' => self::LIST, 'event' => self::LIST, 'causer_type' => self::LIST,
            'batch_uuid' => 'a number'],
    ];

    /** Tables in which nothing is of a vehicle. */
    public const OF_NO_VEHICLE = [
        'users', 'sessions', 'cache', 'cache_locks', 'installation', 'migrations', 'shop_figures', 'shop_limits', 'model_figures',
        'devices',
        'personal_access_tokens', 'suppliers', 'kits', 'kit_details', 'kit_imports', 'kit_import_rows', 'kit_import_errors', 'shelf_stamps',
    ];

    private const LIST = 'a word of a list';

    private const OURS = 'who of the shop did it';
}
