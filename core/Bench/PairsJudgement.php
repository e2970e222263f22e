<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Kit\Fit\CoverBoltsCheck;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** New against old: what differs by more than the readings can be trusted, and what that means. */
final readonly class PairsJudgement implements Judgement
{
    /** What is the same in both parts by count, with what is wrong when it is not. */
    private const COUNTED = ['splines' => ['splines', 'it does not go on the shaft'], 'bolts' => ['cover bolts',
        'it does not meet the flywheel']];

    /** A list and a part differ by no more, mm. From memory [M]. */
    private const LISTED = 1.0;

    public function topic(): Topic
    {
        return new Topic('bench.pairs', 'New against old');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        foreach (Pair::cases() as $pair) {
            $this->measured($pair, $sheet, $results, $display);
        }
        $this->againstTheList($sheet, $results, $display);
        foreach (self::COUNTED as $name => [$what, $wrong]) {
            [$old, $new] = [$sheet->values->count("bench.{$name}_old"), $sheet->values->count("bench.{$name}_new")];
            if (($old === null) !== ($new === null)) {
                $this->halfDone("bench.{$name}", ucfirst($what), ["bench.{$name}_old", "bench.{$name}_new"], $sheet, $results);
            } elseif ($old !== null && $new !== null) {
                $results->finding(
                    Finding::of("bench.{$name}", $old === $new ? Verdict::Within : Verdict::Out,
                        $old === $new ? "{$new} {$what}, as before." : "{$new} {$what}, {$old} before: {$wrong}.")
                        ->from("bench.{$name}_old", "bench.{$name}_new"),
                );
            }
        }
    }

    /** What was measured on the part counts; what the list says otherwise is said. */
    private function againstTheList(JobSheet $sheet, Results $results, Display $display): void
    {
        $said = $readings = [];
        foreach (Pair::cases() as $pair) {
            $listed = $sheet->values->one(Length::class, $pair->ofKit());
            $measured = $sheet->values->one(Length::class, $pair->new());
            if ($listed !== null && $measured !== null && abs($listed->value - $measured->value) > self::LISTED) {
                $said[] = lcfirst($pair->label()).' '.$display->quantity($listed, 0.1).' in the list, '.$display->quantity($measured, 0.1)
                    .' measured';
                $readings = [...$readings, $pair->ofKit(), $pair->new()];
            }
        }
        if ($said !== []) {
            $results->finding(Finding::of('bench.as_listed', Verdict::Near, 'The part is not what the list says: '.implode('; ', $said)
                .'. What was measured counts; enter it with the kit, or send the part back.')->from(...$readings));
        }
    }

    /**
     * One of the two was read, the other was not: nothing is compared.
     *
     * @param  list<string>  $keys
     */
    private function halfDone(string $id, string $what, array $keys, JobSheet $sheet, Results $results): void
    {
        $missing = $sheet->values->missing(...$keys);
        if (count($missing) === 1) {
            $results->finding(Finding::unmeasured($id, "{$what}: of new and old only one is read.", ...$missing));
        }
    }

    private function measured(Pair $pair, JobSheet $sheet, Results $results, Display $display): void
    {
        $known = Estimate::of($sheet, static function (JobSheet $s) use ($pair): ?Length {
            [$old, $new] = [$s->values->one(Length::class, $pair->old()), $s->values->one(Length::class, $pair->new())];

            return $old === null || $new === null ? null : $new->minus($old);
        }, $pair->old(), $pair->new());
        if ($known === null) {
            $this->halfDone("bench.{$pair->value}", $pair->label(), [$pair->old(), $pair->new()], $sheet, $results);

            return;
        }
        $results->estimate("bench.{$pair->value}", $known);
        $by = $known->value->value;
        $doubt = $known->uncertainty->value ?? 0.0;
        $differs = abs($by) > $doubt + 1e-9;
        $verdict = match (true) {
            ! $differs => Verdict::Within,
            $pair === Pair::BoltCircle && abs($by) - $doubt > CoverBoltsCheck::TOLERANCE => Verdict::Out,
            // An old disc is worn: that it is thinner than the new one says nothing.
            $pair === Pair::Thickness && $by > 0.0 => Verdict::Within,
            default => Verdict::Near,
        };
        $results->finding(
            Finding::of("bench.{$pair->value}", $verdict, $pair->label().': '.match (true) {
                ! $differs => 'as before, as far as it can be measured.',
                default => $display->quantity(Length::mm(abs($by)), 0.01).($by > 0.0 ? ' more' : ' less').' than before: '
                    .$pair->consequence($by > 0.0).'.',
            })->from($pair->old(), $pair->new()),
        );
    }
}
