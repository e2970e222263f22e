<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\Estimate;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Quantity\Quantity;

/** Holds a reading against one limit and writes down what that comes to. */
final readonly class Compare
{
    public function __construct(private JobSheet $sheet, private Results $results, private Display $display)
    {
    }

    /** A limit given for the reading itself counts before the one that it shares with others. */
    public function least(string $key, string $limitName, string $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, static fn (array $all): Quantity => $all[0]::least($all), '', 'the least of the places measured');
    }

    public function greatest(string $key, string $limitName, string $remedy): void
    {
        $this->reading($key, $key, $this->own($key, $limitName), $remedy, static fn (array $all): Quantity => $all[0]::greatest($all), '', 'the greatest of the places measured');
    }

    public function spread(string $key, string $limitName, string $remedy): void
    {
        $this->reading($key, $key, $this->sheet->limitBook()->find($limitName), $remedy, static fn (array $all): Quantity => $all[0]::spread($all), ', spread', 'the greatest less the smallest');
    }

    /** A limit that has both bounds is held against the least and the greatest; the worse of the two is said. */
    public function within(string $id, string $key, Limit $limit, string $remedy): void
    {
        $all = $this->sheet->values->all(Dictionary::get($key)->dimension?->quantity() ?? Length::class, $key);
        if ($all === []) {
            return;
        }
        $judge = fn (Quantity $value): int => $limit->judge($value, $this->sheet->uncertaintyOf($key, $value))->rank();
        $byLeast = match (true) {
            $limit->max === null && $limit->watchMax === null => true,
            $limit->min === null && $limit->watchMin === null => false,
            default => $judge($all[0]::least($all)) < $judge($all[0]::greatest($all)),
        };
        $byLeast
            ? $this->reading($id, $key, $limit, $remedy, static fn (array $all): Quantity => $all[0]::least($all), '', 'the least of the places measured')
            : $this->reading($id, $key, $limit, $remedy, static fn (array $all): Quantity => $all[0]::greatest($all), '', 'the greatest of the places measured');
    }

    private function own(string $key, string $limitName): ?Limit
    {
        return $this->sheet->limitBook()->given($key) ?? $this->sheet->limitBook()->find($limitName);
    }

    /**
     * A figure made of several readings, in its own dimension.
     *
     * @param  Estimate<Quantity>  $figure
     * @param  list<string>  $readings
     */
    public function figure(string $id, string $label, Estimate $figure, string $said, string $limitName, string $remedy, array $readings, string $formula): Verdict
    {
        $limit = $this->sheet->limitBook()->find($limitName);
        if ($limit === null) {
            return $this->without($id);
        }
        $verdict = $figure->against($limit);
        $this->say($id, "{$label} {$said}", $limit, $verdict, $remedy, $readings, $formula, $figure->doubt($limit, $this->display));

        return $verdict;
    }

    /** @param  \Closure(non-empty-list<Quantity>): Quantity  $rule  which of several counts */
    private function reading(string $id, string $key, ?Limit $limit, string $remedy, \Closure $rule, string $what, string $formula): void
    {
        $field = Dictionary::get($key);
        $readings = $this->sheet->values->all($field->dimension?->quantity() ?? Length::class, $key);
        if ($readings === []) {
            return;
        }
        if ($limit === null) {
            $this->without($id);

            return;
        }
        $type = $readings[0]::class;
        $figure = Estimate::of($this->sheet, static function (JobSheet $sheet) use ($rule, $type, $key): ?Quantity {
            $all = $sheet->values->all($type, $key);

            return $all === [] ? null : $rule($all);
        }, $key);
        if ($figure === null) {
            return;
        }
        $value = $figure->value;
        $this->say($id, $field->label.$what.' '.$this->display->quantity($value, $this->sheet->values->resolutionOf($key, $value)),
            $limit, $figure->against($limit), $remedy, [$key], $formula, count($readings) > 1 || $what !== '' ? $figure->doubt($limit, $this->display) : '');
    }

    /** @param  list<string>  $readings */
    private function say(string $id, string $said, Limit $limit, Verdict $verdict, string $remedy, array $readings, string $formula, string $doubt = ''): void
    {
        $this->results->finding(Finding::of($id, $verdict, "{$said}, ".$limit->wording($this->display).match ($verdict) {
            Verdict::Out => ": {$remedy}.",
            Verdict::Near => $doubt === '' ? '; measure again or replace.' : ".{$doubt}",
            default => '.',
        })->against($limit)->from(...$readings)->by($formula));
    }

    private function without(string $id): Verdict
    {
        $finding = $this->sheet->vehicleClass() === null
            ? Finding::unmeasured($id, 'Measured, but its limit follows the class of the vehicle.', 'vehicle.class')
            : Finding::notApplicable($id, 'Recorded; no limit is known for a '.$this->sheet->vehicleClass()->value.'. Enter the maker\'s figure where there is one.');
        $this->results->finding($finding);

        return $finding->verdict;
    }
}
