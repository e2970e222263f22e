<?php

declare(strict_types=1);

namespace App\Providers;

use App\Audit\AuditLog;
use App\Audit\LogTopic;
use App\Limits\LimitsBook;
use App\Limits\ModelBook;
use App\Models\BoardSlot;
use App\Models\Device;
use App\Models\Job;
use App\Models\Kit;
use App\Models\KitImport;
use App\Models\ModelFigure;
use App\Models\OrderStep;
use App\Models\ShopFigure;
use App\Models\ShopLimit;
use App\Models\SignedSheet;
use App\Models\User;
use App\Models\Waiver;
use Illuminate\Auth\Events\Logout;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use Spindle\Assessment\Subjects;
use Spindle\Planning\Task;

/** What is written into the log whichever way it comes about: rows that are added, people who come and go. */
final class AuditServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(static function (Logout $e): void {
            if ($e->user instanceof User) {
                AuditLog::note(LogTopic::Access, "{$e->user->name} signed out.", $e->user, $e->user);
            }
        });
        ShopLimit::created(static fn (ShopLimit $row) => AuditLog::note(LogTopic::Rules, sprintf(
            'Limit %s (%s): %s.', LimitsBook::nameOf($row->name), str_replace(',', ', ', $row->classes),
            $row->least === '' && $row->greatest === '' ? 'common practice again' : trim(
                ($row->least === '' ? '' : "at least {$row->least} ").($row->greatest === '' ? '' : "at most {$row->greatest}"),
            ),
        )));
        ShopFigure::created(static fn (ShopFigure $row) => AuditLog::note(LogTopic::Rules, sprintf(
            '%s, %s: %s.', ucfirst(str_replace('_', ' ', $row->section)), str_replace(['_', '.'], [' ', ', '], $row->name),
            $row->value === '' ? 'built in again' : $row->value,
        )));
        ModelFigure::created(static function (ModelFigure $row): void {
            $field = Subjects::dictionary()->entry($row->field);
            $name = $field === null ? $row->field : ModelBook::label($field);
            AuditLog::note(LogTopic::Makers, sprintf('%s, %s: %s%s.', $row->written, $name,
                $row->value === '' ? 'taken out' : $row->value, match (true) {
                    $row->value === '' => '',
                    $row->checked_by === '' => ', not checked yet',
                    $row->checked_by === $row->by_name => '',
                    default => ", entered by {$row->by_name} and checked",
                }));
        });
        Waiver::created(static fn (Waiver $row) => AuditLog::note(LogTopic::Waivers, self::ofWaiver($row), $row->job));
        Device::created(static fn (Device $row) => AuditLog::note(LogTopic::Accounts, "Gave the instrument {$row->name} a token.", $row));
        Device::updated(static function (Device $row): void {
            if ($row->wasChanged('revoked_at')) {
                AuditLog::note(LogTopic::Accounts, "Took the token of the instrument {$row->name} back.", $row);
            }
        });
        OrderStep::created(static fn (OrderStep $row) => AuditLog::note(
            LogTopic::Orders, Job::numbered($row->clutch_job_id).": {$row->quantity} × {$row->number}: {$row->state->label()}.",
        ));
        Kit::saved(static fn (Kit $row) => AuditLog::note(LogTopic::Shelf, "Put {$row->number}, {$row->name}, on the shelf."));
        KitImport::updated(static function (KitImport $row): void {
            if ($row->wasChanged('state') && in_array($row->state, [KitImport::TAKEN, KitImport::DROPPED], true)) {
                AuditLog::note(LogTopic::Shelf, ($row->state === KitImport::TAKEN ? 'Took in' : 'Dropped')
                    ." the list {$row->file_name}, {$row->rows_new} new kits, {$row->rows_changed} changed.");
            }
        });
        BoardSlot::saved(static fn (BoardSlot $row) => self::ofBoard($row, "from {$row->starts_at->toDateTimeString()} UTC"));
        BoardSlot::deleted(static fn (BoardSlot $row) => self::ofBoard($row, 'lifted off'));
        SignedSheet::created(static fn (SignedSheet $row) => AuditLog::note(
            LogTopic::Signing, "Signed {$row->job->label()} as {$row->by_name}, SHA-256 ".substr($row->sha256, 0, 12).'….', $row->job,
            more: ['sha256' => $row->sha256],
        ));
    }

    private static function ofBoard(BoardSlot $row, string $what): void
    {
        AuditLog::note(LogTopic::Board, Job::numbered($row->clutch_job_id).', '.Task::from($row->task)->label().": {$what}.");
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
