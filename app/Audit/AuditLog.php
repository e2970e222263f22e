<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\User;
use App\Store\InTurn;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;

/**
 * Writes down what happened: who, when, from where. An entry is part of the change it tells of: both are kept, or neither.
 * No password, no token and nothing that was typed by a person who did not get in stands in it.
 */
final class AuditLog
{
    /** Kept with a signing in: the address it came from, by which the same person is known there next time. */
    public const SIGNED_IN_FROM = 'signed_in_from';

    /** @param  array<string, string>  $more  what is kept with it and not said */
    public static function note(LogTopic $topic, string $said, ?Model $about = null, ?User $by = null, array $more = []): void
    {
        $by ??= Auth::user();
        $by = $by instanceof User ? $by : null;
        $isByWeb = ! app()->runningInConsole() || app()->runningUnitTests();
        $log = activity($topic->value);
        if ($about !== null) {
            $log->performedOn($about);
        }
        $log->causedBy($by)
            ->withProperties(array_filter([
                ...$more,
                'said' => $said,
                'who' => $by->name ?? ($isByWeb ? '' : 'the server'),
                'from' => $isByWeb ? (string) request()->ip() : '',
            ], static fn (string $value): bool => $value !== ''));
        // Filled in from the properties and only once: what a person typed is never read for placeholders.
        InTurn::do(static fn () => $log->log(':properties.said'));
    }
}
