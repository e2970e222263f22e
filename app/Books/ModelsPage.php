<?php

declare(strict_types=1);

namespace App\Books;

use App\Limits\ModelBook;
use App\Models\ModelFigure;
use App\Models\Vehicle;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;

/** The maker's figures by model, as the page shows them: of one model, or the last changes of all. */
final readonly class ModelsPage
{
    /**
     * @param  array<string, string>  $models  as written, by folded name
     * @param  list<ModelLine>  $figures
     * @param  list<BookChange>  $changes
     */
    private function __construct(public array $models, public string $chosen, public array $figures, public array $changes)
    {
    }

    /** @param  string  $asked a model, however it is written; empty for none */
    public static function of(string $asked): self
    {
        $models = ModelBook::models();
        $chosen = $models[Vehicle::fold($asked)] ?? '';
        $figures = [];
        foreach ($chosen === '' ? [] : ModelBook::inForce($chosen) as $key => $figure) {
            $figures[] = new ModelLine($key, self::label($key), $figure);
        }
        $changes = ModelFigure::query()->when($chosen !== '', static fn ($q) => $q->where('model', Vehicle::fold($chosen)))
            ->orderByDesc('id')->limit(50)->get();

        return new self($models, $chosen, $figures, array_values($changes->map(
            static fn (ModelFigure $f): BookChange => new BookChange("{$f->written}, ".self::label($f->field), $f->value, $f),
        )->all()));
    }

    /** @return array<string, string> what can be entered by hand, by key */
    public function choices(): array
    {
        $fields = ModelBook::fields();

        return array_combine(
            array_map(static fn (Field $f): string => $f->key, $fields), array_map(ModelBook::label(...), $fields),
        );
    }

    /** A figure of a field that is gone keeps its key for a name. */
    private static function label(string $key): string
    {
        $field = Subjects::dictionary()->entry($key);

        return $field === null ? $key : ModelBook::label($field);
    }
}
