<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Kit\Fit\CoverBoltsCheck;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** New against old: what differs by more than the readings can be trusted, and what that means. */
final readonly class PairsJudgement implements Judgement
{
    /** What is the same in both parts by count, and what a kit says of it. */
    private const COUNTED = ['splines' => 'kit.spline_count', 'bolts' => 'kit.bolt_count'];

    /** A list and a part differ by no more, mm. From memory [M]. */
    private const LISTED = 1.0;

    public function topic(): Topic
    {
        return new Topic('bench.pairs', 'New against old');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        foreach (Pair::cases() as $pair) {
            $this->measured($pair, $sheet, $results);
        }
        $this->againstTheList($sheet, $results);
        foreach (array_keys(self::COUNTED) as $name) {
            [$old, $new] = [$sheet->values->count("bench.{$name}_old"), $sheet->values->count("bench.{$name}_new")];
            if (($old === null) !== ($new === null)) {
                $keys = ["bench.{$name}_old", "bench.{$name}_new"];
                $this->halfDone("bench.{$name}", BenchSentences::oneCounted($name), $keys, $sheet, $results);
            } elseif ($old !== null && $new !== null) {
                $results->finding(
                    Finding::of("bench.{$name}", $old === $new ? Verdict::Within : Verdict::Out,
                        BenchSentences::counted($name, $old, $new))
                        ->from("bench.{$name}_old", "bench.{$name}_new"),
                );
            }
        }
    }

    /** What was measured on the part counts; what the list says otherwise is said. */
    private function againstTheList(JobSheet $sheet, Results $results): void
    {
        $differing = $readings = [];
        foreach (Pair::cases() as $pair) {
            $listed = $sheet->values->listed($pair->ofKit());
            $measured = $sheet->values->one(Length::class, $pair->new());
            if ($listed instanceof Length && $measured !== null && abs($listed->value - $measured->value) > self::LISTED) {
                $differing[] = [$pair, $listed, $measured];
                $readings = [...$readings, $pair->ofKit(), $pair->new()];
            }
        }
        foreach (self::COUNTED as $name => $ofKit) {
            [$listed, $counted] = [$sheet->values->listed($ofKit), $sheet->values->count("bench.{$name}_new")];
            if ($listed !== null && $counted !== null && (int) $listed->value !== $counted) {
                $results->finding(Finding::of("bench.{$name}_listed", Verdict::Near,
                    BenchSentences::notCountedAsListed($name, (int) $listed->value, $counted))->from($ofKit, "bench.{$name}_new"));
            }
        }
        if ($differing !== []) {
            $results->finding(Finding::of('bench.as_listed', Verdict::Near, BenchSentences::notAsListed($differing))->from(...$readings));
        }
    }

    /**
     * One of the two was read, the other was not: nothing is compared.
     *
     * @param  list<string>  $keys
     */
    private function halfDone(string $id, Said $said, array $keys, JobSheet $sheet, Results $results): void
    {
        $missing = $sheet->values->missing(...$keys);
        // Read before the bench it is no comparison begun.
        $begun = array_filter($keys, static fn (string $key): bool => $sheet->values->has($key) && $sheet->values->toldBy($key) === '');
        if (count($missing) === 1 && $begun !== []) {
            $results->finding(Finding::unmeasured($id, $said, ...$missing));
        }
    }

    private function measured(Pair $pair, JobSheet $sheet, Results $results): void
    {
        $known = Estimate::of($sheet, static function (JobSheet $s) use ($pair): ?Length {
            [$old, $new] = [$s->values->one(Length::class, $pair->old()), $s->values->one(Length::class, $pair->new())];

            return $old === null || $new === null ? null : $new->minus($old);
        }, $pair->old(), $pair->new());
        if ($known === null) {
            $this->halfDone("bench.{$pair->value}", BenchSentences::oneRead($pair), [$pair->old(), $pair->new()], $sheet, $results);

            return;
        }
        $results->estimate("bench.{$pair->value}", $known);
        $by = $known->value->value;
        $doubt = $known->uncertainty->value ?? 0.0;
        $differs = abs($by) > $doubt + 1e-9;
        $isLittle = abs($by) + $doubt <= $pair->matters()->value + 1e-9;
        $verdict = match (true) {
            ! $differs, $isLittle => Verdict::Within,
            $pair === Pair::BoltCircle && abs($by) - $doubt > CoverBoltsCheck::TOLERANCE => Verdict::Out,
            // An old disc is worn: that it is thinner than the new one says nothing.
            $pair === Pair::Thickness && $by > 0.0 => Verdict::Within,
            default => Verdict::Near,
        };
        $results->finding(
            Finding::of(
                "bench.{$pair->value}", $verdict,
                match (true) {
                    ! $differs => BenchSentences::asBefore($pair),
                    $isLittle => BenchSentences::hardlyDiffers($pair, $known->value),
                    default => BenchSentences::differs($pair, $known->value),
                },
            )->from($pair->old(), $pair->new()),
        );
    }
}
