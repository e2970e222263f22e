<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;

/** Holds a reading against one limit and writes down what that comes to. */
final readonly class Compare
{
    public function __construct(private JobSheet $sheet, private Results $results)
    {
    }

    public function by(Comparison $comparison): void
    {
        $remedy = $comparison->remedy ?? Remedy::other(ComparisonSentences::outsideTheGiven());
        match ($comparison->counts) {
            Counts::Least => $this->least($comparison->reading, $comparison->limit, $remedy),
            Counts::Greatest => $this->greatest($comparison->reading, $comparison->limit, $remedy),
            Counts::Flatness => $this->flatness($comparison->reading, $comparison->limit, $remedy),
            Counts::Spread => $this->spread($comparison->reading, $comparison->limit, $remedy),
            null => null,
        };
    }

    /** A limit given for the reading itself counts before the one that it shares with others. */
    public function least(string $key, string $limitName, Remedy $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, Counts::Least);
    }

    public function greatest(string $key, string $limitName, Remedy $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, Counts::Greatest);
    }

    public function flatness(string $key, string $limitName, Remedy $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, Counts::Flatness);
    }

    public function spread(string $key, string $limitName, Remedy $remedy): void
    {
        $this->reading($key, $key, $this->sheet->limitBook()->find($limitName), $remedy, Counts::Spread);
    }

    /** A limit that has both bounds is held against the least and the greatest; the worse of the two is said. */
    public function within(string $id, string $key, Limit $limit, Remedy $remedy): void
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

    /** A figure made of several readings, in its own dimension. */
    public function figure(ComparedFigure $of): Verdict
    {
        $limit = $this->sheet->limitBook()->find($of->limit);
        if ($limit === null) {
            return $this->without($of->id);
        }
        $verdict = $of->figure->against($limit);
        $held = new Held($limit, $verdict, $of->remedy, $of->figure->doubt($limit));
        $this->results->finding(
            Finding::of($of->id, $verdict, ComparisonSentences::figure($of->said, $of->figure->value, $held))
                ->against($limit)->from(...$of->readings)->by($of->formula, $of->limit),
        );

        return $verdict;
    }

    private function reading(string $id, string $key, ?Limit $limit, Remedy $remedy, Counts $counts): void
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
        $value = new AsRead($figure->value, $this->sheet->values->resolutionOf($key, $figure->value));
        $isSeveral = count($readings) > 1 || $counts === Counts::Spread;
        $verdict = $figure->against($limit);
        $held = new Held($limit, $verdict, $remedy, $isSeveral ? $figure->doubt($limit) : null);
        $short = $counts->leastPlaces() - count($readings);
        if ($short > 0) {
            $soFar = $counts === Counts::Spread && count($readings) === 1 ? null : $value;
            $said = ComparisonSentences::tooFewPlaces($field->label, $soFar, $short, $held->verdict === Verdict::Out);
            $this->results->finding(Finding::unmeasured($id, $said, $key));

            return;
        }
        $this->results->finding(
            Finding::of($id, $held->verdict, ComparisonSentences::reading($field->label, $counts, $value, $held))
                ->against($limit)->from($key)->by($counts->formula()),
        );
    }

    private function without(string $id): Verdict
    {
        $class = $this->sheet->vehicleClass();
        $finding = $class === null
            ? Finding::unmeasured($id, ComparisonSentences::limitFollowsTheClass(), 'vehicle.class')
            : Finding::notApplicable($id, ComparisonSentences::noLimitFor($class));
        $this->results->finding($finding);

        return $finding->verdict;
    }
}
