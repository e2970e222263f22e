<?php

declare(strict_types=1);

namespace Tests\Support;

use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Practice\Answers;
use Spindle\Practice\Builds;
use Spindle\Practice\Hidden;
use Spindle\Practice\KitsAtHand;
use Spindle\Practice\Papers;
use Spindle\Practice\PedalSetting;
use Spindle\Practice\Work;
use Spindle\Quantity\Length;
use Spindle\Release\Adjuster;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Origin;
use Spindle\Triage\Outcome;

/** Somebody who works a practice vehicle at the stations without a slip: reads everything, decides rightly, renews what is wrong. */
final class AtTheStations
{
    private const RENEWS = [
        'flywheel' => ['parts.flywheel', 'parts.flywheel_bolts', 'parts.dowels'], 'pilot' => ['parts.pilot'],
        'seals' => ['parts.crank_seal'],
        'fork' => ['parts.fork'], 'sleeve' => ['parts.guide_sleeve'], 'brake' => ['parts.clutch_brake'],
    ];

    /**
     * @param  list<Work>  $leaves  what is wrong, and left as it is all the same
     * @param  int  $kit  which of those at hand is chosen; the first is right
     */
    public static function sheet(Hidden $hidden, array $leaves = [], int $kit = 0): JobSheet
    {
        $document = self::decided($hidden, $leaves, $kit);
        $document = self::turned($hidden, self::read($hidden, $document, $leaves));
        // What is read asks for more: a flywheel that is out is read again once it is renewed.
        foreach ([1, 2] as $_) {
            $document = self::read($hidden, $document, $leaves);
        }

        return JobSheet::of($document, Subjects::dictionary());
    }

    /** @param  list<Work>  $leaves */
    private static function decided(Hidden $hidden, array $leaves, int $kit): Document
    {
        $whole = CompleteJobs::document(Builds::whole($hidden->build));
        $isStrip = $hidden->outcome() === Outcome::Strip;
        $changes = [[['readings', 'triage.kind'], $hidden->outcome()->value], [['readings', 'triage.signs'], $hidden->complaint()]];
        foreach (Subjects::dictionary()->all() as $field) {
            $given = $whole->get($field->path());
            $isDone = $field->nature()->origin === Origin::Chosen || ($isStrip && str_contains($field->key, '.done_'));
            if ($given !== null && $isDone && $field->firstWord() !== 'triage'
                && ! in_array($field->key, ['complaint', 'vehicle.plate'], true)
                && ($isStrip || ! in_array($field->firstWord(), ['fit', 'parts', 'bench', 'why'], true))) {
                $changes[] = [$field->path(), $given];
            }
        }
        $changes = [...$changes, ...match ($hidden->outcome()) {
            Outcome::RepairActuation => [[['readings', 'triage.repaired'], 'Renewed the part of the actuation that leaked']],
            Outcome::NotTheClutch => [[['readings', 'triage.referred'], 'To the gearbox shop']],
            Outcome::Strip => self::opened($hidden, $leaves, $kit),
            default => [],
        }];

        return Papers::of($hidden, $hidden->seed->code(), ['pulls badly'])->withAll($changes);
    }

    /**
     * @param  list<Work>  $leaves
     * @return list<array{non-empty-list<string>, mixed}>
     */
    private static function opened(Hidden $hidden, array $leaves, int $kit): array
    {
        $chosen = array_diff_key(KitsAtHand::for($hidden)[$kit], ['price' => 1, 'currency' => 1, 'lead_days' => 1]);
        $changes = [
            [['kit'], CompleteJobs::document(['kit' => $chosen])->get(['kit'])],
            [['readings', 'why.causes'], array_map(static fn ($c): string => $c->id, $hidden->causes)],
        ];
        foreach ($hidden->wanted() as $work) {
            foreach (in_array($work, $leaves, true) ? [] : self::RENEWS[$work->value] ?? [] as $part) {
                $changes[] = [['readings', $part], 'shelf'];
            }
        }
        $isOff = in_array(Work::Flywheel, $hidden->wanted(), true) && ! in_array(Work::Flywheel, $leaves, true);
        foreach ($isOff ? ['hand', 'seat', 'half', 'full'] : [] as $round) {
            $changes[] = [['fastening', 'flywheel', "done_{$round}"], range(1, 6)];
        }

        return $changes;
    }

    /** The adjuster, as far as it is from right, two turns at a time. */
    private static function turned(Hidden $hidden, Document $document): Document
    {
        $now = JobSheet::of($document, Subjects::dictionary());
        $good = Builds::written(Builds::whole($hidden->build));
        $setting = PedalSetting::of($hidden, $now, $good, $now->values->word('fit.gearbox') === 'done');
        $right = JobSheet::of($good, Subjects::dictionary())->values->one(Length::class, PedalSetting::PLAY);
        $pad = Adjuster::padPerTurn($now);
        $turns = ! $setting->isTurned() || $right === null || $pad === null ? 0.0
            : ($setting->found()->value - $right->value) / $pad->value;
        $steps = [];
        while (abs($turns) > 0.02) {
            $steps[] = $step = round(max(-SettingSteps::AT_A_TIME, min(SettingSteps::AT_A_TIME, $turns)), 3);
            $turns -= $step;
        }

        return $steps === [] ? $document
            : $document->with(Subjects::dictionary()->get('release.turns_made')->path(), array_map(strval(...), $steps));
    }

    /** @param  list<Work>  $leaves */
    private static function read(Hidden $hidden, Document $document, array $leaves): Document
    {
        $dictionary = Subjects::dictionary();
        $now = JobSheet::of($document, $dictionary);
        $answers = Answers::of($hidden, $now);
        $renewed = array_udiff($hidden->wanted(), $leaves, static fn (Work $a, Work $b): int => $a->value <=> $b->value);
        $changes = [];
        foreach ($dictionary->all() as $field) {
            $left = $dictionary->asLeft(AsLeft::PREFIX.$field->key);
            $part = StripPart::tryFrom($field->firstWord());
            $isAgain = $left !== null && $part !== null && in_array(Work::on($part), $renewed, true);
            foreach ([$field, ...$isAgain ? [$left] : []] as $one) {
                $isFlywheelOff = ! Answers::isLookedUp($one) || in_array(Work::Flywheel, $renewed, true);
                if (Answers::isRead($one) && $one->firstWord() !== 'triage' && $isFlywheelOff && $dictionary->isAsked($one->key, $now)) {
                    $typed = $answers->to($one)->typed;
                    $changes = $typed === [] ? $changes : [...$changes, [$one->path(), self::asWritten($one, $typed)]];
                }
            }
        }

        return $document->withAll($changes);
    }

    /** @param  non-empty-list<string>  $typed */
    private static function asWritten(Field $field, array $typed): mixed
    {
        return match ($field->kind) {
            Kind::Words => explode(',', $typed[0]),
            Kind::Quantities, Kind::Marks => $typed,
            Kind::Count => (int) $typed[0],
            Kind::Flag => $typed[0] === 'yes',
            Kind::Quantity => is_numeric($typed[0]) ? (float) $typed[0] : $typed[0],
            default => $typed[0],
        };
    }
}
