<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Capacity\SpringKind;
use Spindle\Inspection\Condition;
use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;

/** Readings that are compared with one limit each, and what was seen on the parts. */
final readonly class ReadingsPart implements Part
{
    /** Readings that other parts judge with more than a comparison. */
    private const JUDGED_ELSEWHERE = [
        'flywheel.face_runout', 'flywheel.flatness', 'flywheel.thickness', 'flywheel.free_play', 'flywheel.rock',
        'release.free_play', 'release.clearance', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal',
        'release.take_up_percent', 'release.air_gap_face', 'release.pedal_force',
    ];

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $levers = $sheet->values->word('kit.spring') === SpringKind::Coil->value;
        foreach ([
            // reading, name of the limit, which of several counts, what to do when out
            ['disc.rivet_depth_flywheel', 'disc.rivet_depth', 'least', 'replace before the rivets cut the flywheel'],
            ['disc.rivet_depth_cover', 'disc.rivet_depth', 'least', 'replace before the rivets cut the plate'],
            ['disc.runout', 'disc.runout', 'greatest', 'replace, or find why it was bent'],
            ['disc.hub_play', 'disc.hub_play', 'greatest', 'replace, and look at the shaft'],
            ['cover.flatness', 'cover.flatness', 'greatest', 'replace the cover'],
            ['cover.finger_wear', 'cover.finger_wear', 'greatest', 'replace the cover'],
            ['cover.finger_heights', $levers ? 'cover.lever_evenness' : 'cover.finger_evenness', 'spread', 'replace the cover, or set the levers'],
            ['pilot.play', 'pilot.play', 'greatest', 'replace the pilot'],
        ] as [$key, $limitName, $rule, $remedy]) {
            $this->compare($key, $limitName, $rule, $remedy, $sheet, $results, $display);
        }
        $this->sides($sheet, $results, $display);
        foreach ($sheet->givenLimits() as $limit) {
            $field = Dictionary::find($limit->name);
            $own = in_array($limit->name, self::JUDGED_ELSEWHERE, true) || in_array($limit->name, ['disc.runout', 'disc.hub_play', 'cover.flatness', 'cover.finger_wear', 'pilot.play'], true);
            if ($field !== null && ! $own && $field->dimension !== null) {
                $this->compare($limit->name, $limit->name, $limit->max === null ? 'least' : 'greatest', 'outside the limit given for this job', $sheet, $results, $display);
            }
        }
        foreach (['disc', 'cover', 'flywheel', 'pilot', 'bearing'] as $part) {
            $this->conditions($part, $sheet, $results);
        }
    }

    private function compare(string $key, string $limitName, string $rule, string $remedy, JobSheet $sheet, Results $results, Display $display): void
    {
        $type = Dictionary::get($key)->dimension?->quantity() ?? Length::class;
        /** @var list<Quantity> $readings */
        $readings = $sheet->values->all($type, $key);
        $limit = $sheet->limitBook()->find($limitName);
        if ($readings === []) {
            return;
        }
        if ($limit === null) {
            $results->finding(Finding::unmeasured($key, 'Measured, but its limit follows the class of the vehicle.', 'vehicle.class'));

            return;
        }
        $value = match ($rule) {
            'least' => $type::least($readings),
            'spread' => $type::spread($readings),
            default => $type::greatest($readings),
        };
        $verdict = $limit->judge($value, $value instanceof Length ? $sheet->uncertainty($key) : null);
        $label = Dictionary::get($key)->label.($rule === 'spread' ? ', spread ' : ' ');
        $results->finding(Finding::of($key, $verdict, $label.$display->quantity($value, $sheet->values->resolution($key)).', '.$limit->wording($display).match ($verdict) {
            Verdict::Out => ": {$remedy}.",
            Verdict::Near => '; measure again or replace.',
            default => '.',
        })->against($limit)->from($key)->by(match ($rule) {
            'least' => 'the least of the places measured',
            'spread' => 'the greatest less the smallest',
            default => 'the greatest of the places measured',
        }));
    }

    /** One hot side points at the face it ran on. */
    private function sides(JobSheet $sheet, Results $results, Display $display): void
    {
        $flywheel = $sheet->values->all(Length::class, 'disc.rivet_depth_flywheel');
        $cover = $sheet->values->all(Length::class, 'disc.rivet_depth_cover');
        if ($flywheel === [] || $cover === []) {
            return;
        }
        $difference = Length::least($flywheel)->minus(Length::least($cover));
        $limit = $sheet->limitBook()->get('disc.wear_difference');
        $verdict = $limit->judge(Length::mm(abs($difference->value)));
        $side = $difference->value < 0 ? 'flywheel' : 'cover';
        $results->finding(Finding::of('disc.wear_difference', $verdict,
            'The sides differ by '.$display->quantity(Length::mm(abs($difference->value)), $sheet->values->resolution('disc.rivet_depth_flywheel', 'disc.rivet_depth_cover'))
            .($verdict === Verdict::Near ? ": more worn on the {$side} side; look at the face it ran on." : '.'))
            ->against($limit)->from('disc.rivet_depth_flywheel', 'disc.rivet_depth_cover'));
    }

    private function conditions(string $part, JobSheet $sheet, Results $results): void
    {
        $key = "{$part}.conditions";
        $label = explode(':', Dictionary::get($key)->label)[0];
        $seen = array_values(array_filter(array_map(
            static fn (string $word): ?Condition => Condition::find($part, $word), $sheet->values->words($key),
        )));
        if ($seen !== []) {
            $results->finding(Finding::of($key, Verdict::worst(...array_map(static fn (Condition $c): Verdict => $c->verdict, $seen)),
                $label.': '.implode('; ', array_map(static fn (Condition $c): string => $c->label.': '.$c->consequence, $seen)).'.')->from($key));
        } elseif ($sheet->values->has($key)) {
            $results->finding(Finding::of($key, Verdict::Within, $label.': '.Dictionary::get($key)->options[Condition::NONE].'.')->from($key));
        }
    }
}
