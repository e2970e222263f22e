<?php

declare(strict_types=1);

namespace App\Providers;

use App\Audit\AuditLog;
use App\Audit\Topic;
use App\Limits\LimitsBook;
use App\Limits\ModelBook;
use App\Models\Device;
use App\Models\ModelFigure;
use App\Models\ShopFigure;
use App\Models\ShopLimit;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Waiver;
use Illuminate\Auth\Events\Failed;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use Spindle\Assessment\Subjects;

/** What is written into the log whichever way it comes about: rows that are added, people who come and go. */
final class AuditServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(static function (Login $e): void {
            if ($e->user instanceof User) {
                AuditLog::note(Topic::Access, "{$e->user->name} signed in.", $e->user, $e->user);
            }
        });
        Event::listen(static function (Logout $e): void {
            if ($e->user instanceof User) {
                AuditLog::note(Topic::Access, "{$e->user->name} signed out.", $e->user, $e->user);
            }
        });
        // What was typed is not kept: it may be a password in the wrong field.
        Event::listen(static fn (Failed $e) => AuditLog::note(
            Topic::Access,
            $e->user instanceof User ? "Signing in as {$e->user->name} failed." : 'Signing in failed: no account of that name.',
            $e->user instanceof User ? $e->user : null,
        ));
        ShopLimit::created(static fn (ShopLimit $row) => AuditLog::note(Topic::Rules, sprintf(
            'Limit %s (%s): %s.', LimitsBook::nameOf($row->name), str_replace(',', ', ', $row->classes),
            $row->least === '' && $row->greatest === '' ? 'common practice again' : trim(
                ($row->least === '' ? '' : "at least {$row->least} ").($row->greatest === '' ? '' : "at most {$row->greatest}"),
            ),
        )));
        ShopFigure::created(static fn (ShopFigure $row) => AuditLog::note(Topic::Rules, sprintf(
            '%s, %s: %s.', ucfirst(str_replace('_', ' ', $row->section)), str_replace(['_', '.'], [' ', ', '], $row->name),
            $row->value === '' ? 'built in again' : $row->value,
        )));
        ModelFigure::created(static function (ModelFigure $row): void {
            $field = Subjects::dictionary()->entry($row->field);
            AuditLog::note(Topic::Makers, sprintf('%s, %s: %s%s.', $row->written, $field === null ? $row->field : ModelBook::label($field),
                $row->value === '' ? 'taken out' : $row->value, match (true) {
                    $row->value === '' => '',
                    $row->checked_by === '' => ', not checked yet',
                    $row->checked_by === $row->by_name => '',
                    default => ", entered by {$row->by_name} and checked",
                }));
        });
        Waiver::created(static fn (Waiver $row) => AuditLog::note(Topic::Waivers, self::ofWaiver($row), $row->job));
        Device::created(static fn (Device $row) => AuditLog::note(Topic::Accounts, "Gave the instrument {$row->name} a token.", $row));
        Device::updated(static function (Device $row): void {
            if ($row->wasChanged('revoked_at')) {
                AuditLog::note(Topic::Accounts, "Took the token of the instrument {$row->name} back.", $row);
            }
        });
        SignedSheet::created(static fn (SignedSheet $row) => AuditLog::note(
            Topic::Signing, "Signed {$row->job->label()} as {$row->by_name}, SHA-256 ".substr($row->sha256, 0, 12).'….', $row->job,
            more: ['sha256' => $row->sha256],
        ));
    }

    /** The reason stands with the job: what somebody wrote there may name a customer, and is erased there when that is asked for. */
    private static function ofWaiver(Waiver $row): string
    {
        $job = $row->job->label();
        $what = LimitsBook::nameOf($row->finding);

        return match (true) {
            $row->withdrawn => "{$job}, {$what}: no longer let pass.",
            $row->asked => "{$job}, {$what}: asked to let pass what is {$row->reach}.",
            $row->seconded_by !== '' => "{$job}, {$what}: let pass what is {$row->reach}, asked by {$row->by_name}, agreed by "
                ."{$row->seconded_by}.",
            default => "{$job}, {$what}: let pass what is {$row->reach}.",
        };
    }
}
