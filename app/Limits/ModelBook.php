<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\LastRow;
use App\Models\ModelFigure;
use App\Models\User;
use App\Models\Vehicle;
use App\Readings\CurrentReadings;
use App\Store\InTurn;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;
use Spindle\Sheet\Nature;

/** The maker's figures by make and model: what was entered on one job stands on the next one of the same model. */
final class ModelBook
{
    public const SOURCE = 'from the book of models';

    /** Whether something is judged by this figure of the maker's. */
    public static function isJudgedBy(string $key): bool
    {
        return Subjects::dictionary()->entry($key)?->nature()->isTarget === true;
    }

    /** Sizes of new parts and figures only the maker knows; limits are kept whatever they are for. */
    public static function keeps(Field $field): bool
    {
        return self::keepsKey($field->key);
    }

    public static function keepsKey(string $key): bool
    {
        return Subjects::dictionary()->entry($key)?->nature()->isOfModel === true;
    }

    /** @return list<Field> what can be entered for a model by hand */
    public static function fields(): array
    {
        $limits = array_map(static fn (string $key): ?Field => Subjects::dictionary()->limitField($key), LimitsBook::makersKeys());

        $kept = Subjects::dictionary()->having(static fn (Nature $n): bool => $n->isOfModel);

        return array_values(array_filter([...array_map(Subjects::dictionary()->get(...), $kept), ...$limits]));
    }

    public static function label(Field $field): string
    {
        return str_starts_with($field->key, 'limits.')
            ? LimitsBook::nameOf(substr($field->key, 7, -4)).(str_ends_with($field->key, '.min') ? ', at least' : ', at most')
            : $field->label;
    }

    /** @return array<string, string> models that have vehicles or figures here, as written, by folded name */
    public static function models(): array
    {
        $models = [];
        $ofVehicles = Vehicle::query()->orderBy('name')->pluck('name')->all();
        $ofFigures = ModelFigure::query()->orderBy('id')->pluck('written')->all();
        foreach ([...$ofVehicles, ...$ofFigures] as $name) {
            if (is_string($name) && Vehicle::fold($name) !== '') {
                $models[Vehicle::fold($name)] = $name;
            }
        }
        asort($models);

        return $models;
    }

    /** @return array<string, ModelFigure> by field */
    public static function inForce(string $name): array
    {
        $rows = ModelFigure::query()->where('model', Vehicle::fold($name))->orderBy('id')->get();
        $last = LastRow::ofEach($rows, static fn (ModelFigure $f): string => $f->field);

        return array_filter($last, static fn (ModelFigure $f): bool => $f->value !== '');
    }

    /** Writes a figure into the book, unless it stands there already. */
    public static function remember(string $name, Field $field, string $written, User $by): void
    {
        if (Vehicle::fold($name) === '' || ! self::keeps($field)) {
            return;
        }
        InTurn::do(static function () use ($name, $field, $written, $by): void {
            if ((self::inForce($name)[$field->key]->value ?? '') !== $written) {
                ModelFigure::query()->create([
                    'model' => Vehicle::fold($name), 'written' => $name, 'field' => $field->key, 'value' => $written,
                    'by_name' => $by->name, 'checked_by' => $by->isLead() ? $by->name : '', 'at' => now(),
                ]);
            }
        });
    }

    /** @return list<string> fields of a job whose figure stands in the book and was entered by somebody else than the lead */
    public static function uncheckedOn(CurrentReadings $current): array
    {
        $model = Vehicle::fold($current->typed('vehicle.name'));
        $checked = [];
        foreach (DB::table('model_figures')->where('model', $model)->orderBy('id')->get(['field', 'value', 'checked_by']) as $row) {
            $checked["{$row->field} {$row->value}"] = $row->checked_by !== '';
        }
        if (! in_array(false, $checked, true)) {
            return [];
        }

        return array_values(array_filter(
            array_filter($current->fields(), self::keepsKey(...)),
            static fn (string $key): bool => ($checked[$key.' '.($current->row($key, 0)?->written() ?? '')] ?? true) === false,
        ));
    }

    /** The lead has held a figure against the maker's own paper. */
    public static function confirm(ModelFigure $figure, User $lead): void
    {
        InTurn::do(static function () use ($figure, $lead): void {
            $now = self::inForce($figure->written)[$figure->field] ?? null;
            if ($now?->id === $figure->id && $figure->checked_by === '') {
                $figure->replicate()->fill(['checked_by' => $lead->name, 'at' => now()])->save();
            }
        });
    }
}
