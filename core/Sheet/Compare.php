<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;

/** Holds a reading against one limit and writes down what that comes to. */
final readonly class Compare
{
    public function __construct(private JobSheet $sheet, private Results $results, private Display $display)
    {
    }

    public function by(Comparison $comparison): void
    {
        match ($comparison->counts) {
            Counts::Least => $this->least($comparison->reading, $comparison->limit, $comparison->remedy),
            Counts::Greatest => $this->greatest($comparison->reading, $comparison->limit, $comparison->remedy),
            Counts::Spread => $this->spread($comparison->reading, $comparison->limit, $comparison->remedy),
            null => null,
        };
    }

    /** A limit given for the reading itself counts before the one that it shares with others. */
    public function least(string $key, string $limitName, string $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, Counts::Least);
    }

    public function greatest(string $key, string $limitName, string $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, Counts::Greatest);
    }

    public function spread(string $key, string $limitName, string $remedy): void
    {
        $this->reading($key, $key, $this->sheet->limitBook()->find($limitName), $remedy, Counts::Spread);
    }

    /** A limit that has both bounds is held against the least and the greatest; the worse of the two is said. */
    public function within(string $id, string $key, Limit $limit, string $remedy): void
    {
        $all = $this->sheet->values->all($this->sheet->dictionary->get($key)->dimension?->quantity() ?? Length::class, $key);
        if ($all === []) {
            return;
        }
        $judge = fn (Quantity $value): int => $limit->judge($value, $this->sheet->uncertaintyOf($key, $value))->rank();
        $byLeast = match (true) {
            $limit->max === null && $limit->watchMax === null => true,
            $limit->min === null && $limit->watchMin === null => false,
            default => $judge($all[0]::least($all)) < $judge($all[0]::greatest($all)),
        };
        $this->reading($id, $key, $limit, $remedy, $byLeast ? Counts::Least : Counts::Greatest);
    }

    private function own(string $key, string $limitName): ?Limit
    {
        $book = $this->sheet->limitBook();

        return $book->given($key) === null ? $book->find($limitName) : $book->find($key, $limitName);
    }

    /** A share with as many decimals as it takes to tell it from its limit. */
    public function share(string $limitName, Ratio $share): string
    {
        $limit = $this->sheet->limitBook()->find($limitName);

        return $limit === null ? $this->display->percent($share->value) : $limit->writeShare($share, $this->display);
    }

    /**
     * A figure made of several readings, in its own dimension.
     *
     * @param  Estimate<Quantity>  $figure
     * @param  list<string>  $readings
     */
    public function figure(
        string $id,
        string $label,
        Estimate $figure,
        string $said,
        string $limitName,
        string $remedy,
        array $readings,
        string $formula,
    ): Verdict {
        $limit = $this->sheet->limitBook()->find($limitName);
        if ($limit === null) {
            return $this->without($id);
        }
        $verdict = $figure->against($limit);
        $near = $this->near($figure->value, $limit, $figure->doubt($limit, $this->display), $remedy);
        $this->say($id, "{$label} {$said}", $limit, $verdict, $remedy, $readings, $formula, $near, $limitName);

        return $verdict;
    }

    private function reading(string $id, string $key, ?Limit $limit, string $remedy, Counts $counts): void
    {
        $field = $this->sheet->dictionary->get($key);
        $readings = $this->sheet->values->all($field->dimension?->quantity() ?? Length::class, $key);
        if ($readings === []) {
            return;
        }
        if ($limit === null) {
            $this->without($id);

            return;
        }
        $type = $readings[0]::class;
        $figure = Estimate::of($this->sheet, static function (JobSheet $sheet) use ($counts, $type, $key): ?Quantity {
            $all = $sheet->values->all($type, $key);

            return $all === [] ? null : $counts->of($all);
        }, $key);
        if ($figure === null) {
            return;
        }
        $value = $figure->value;
        $said = $field->label.$counts->suffix().(str_contains($field->label, ',') ? ': ' : ' ')
            .$this->display->quantity($value, $this->sheet->values->resolutionOf($key, $value));
        $isSeveral = count($readings) > 1 || $counts === Counts::Spread;
        $doubt = $isSeveral ? $figure->doubt($limit, $this->display) : '';
        $near = $this->near($value, $limit, $doubt, $remedy);
        $this->say($id, $said, $limit, $figure->against($limit), $remedy, [$key], $counts->formula(), $near);
    }

    /** @param  list<string>  $readings */
    private function say(
        string $id,
        string $said,
        Limit $limit,
        Verdict $verdict,
        string $remedy,
        array $readings,
        string $formula,
        string $near,
        string $figureName = '',
    ): void {
        $message = "{$said}, ".$limit->wording($this->display).match ($verdict) {
            Verdict::Out => ": {$remedy}.",
            Verdict::Near => $near,
            default => '.',
        };
        $this->results->finding(
            Finding::of($id, $verdict, $message)->against($limit)->from(...$readings)->by($formula, $figureName),
        );
    }

    /** Why a figure is near, and what follows: it stands in the watch band, or only its doubt keeps it from being plain. */
    private function near(Quantity $value, Limit $limit, string $doubt, string $remedy): string
    {
        $watching = $limit->watching($value, $this->display);
        $isReplaced = str_starts_with($remedy, 'replace');

        return match (true) {
            $watching !== '' => ", {$watching}; ".($isReplaced ? 'replace' : 'set it').' while it is open.',
            $doubt !== '' => ".{$doubt}",
            default => $isReplaced ? '; measure again or replace.' : '; measure again.',
        };
    }

    private function without(string $id): Verdict
    {
        $finding =
            $this->sheet->vehicleClass() === null
                ? Finding::unmeasured($id, 'Measured, but its limit follows the class of the vehicle.', 'vehicle.class')
                : Finding::notApplicable(
                    $id,
                    'Recorded; no limit is known for a '.
                        $this->sheet->vehicleClass()->value.
                        '. Enter the maker\'s figure where there is one.',
                );
        $this->results->finding($finding);

        return $finding->verdict;
    }
}
