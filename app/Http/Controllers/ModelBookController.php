<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\ModelsPage;
use App\Limits\ModelBook;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\UnitSystem;
use Spindle\Sheet\FieldReader;
use Spindle\Sheet\SheetError;

/** The maker's figures by make and model. */
final class ModelBookController
{
    public function index(Request $request): View
    {
        return view('books.models', ['book' => ModelsPage::of($request->string('model')->value())]);
    }

    /** The lead confirms a figure that somebody else entered. */
    public function confirm(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(['model' => ['required', 'string', 'max:200'], 'field' => ['required', 'string', 'max:100'],
            'value' => ['required', 'string', 'max:80']]);
        $figure = ModelBook::inForce($given['model'])[$given['field']] ?? null;
        $answer = redirect()->route('models', ['model' => $given['model']]);
        if ($figure === null || $figure->value !== $given['value']) {
            return $answer->withErrors(['value' => 'The figure was changed meanwhile. Look at it again.']);
        }
        ModelBook::confirm($figure, $lead);

        return $answer->with('notice', 'Checked.');
    }

    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'model' => ['required', 'string', 'max:200'],
            'field' => ['required', 'string', 'max:100'],
            'value' => ['nullable', 'string', 'max:80'],
        ]);
        $field = Subjects::dictionary()->entry($given['field']);
        if ($field === null || ! ModelBook::keeps($field)) {
            abort(404);
        }
        $typed = trim($given['value'] ?? '');
        if ($typed !== '') {
            try {
                $unit = $field->defaultUnit(UnitSystem::Metric);
                FieldReader::entry($field, $typed, ModelBook::label($field), $unit);
                $typed = Reading::withUnit($typed, $unit->symbol ?? '');
            } catch (SheetError $e) {
                return redirect()
                    ->route('models', ['model' => $given['model']])
                    ->withInput()
                    ->withErrors(['value' => ModelBook::label($field).": {$e->reason}."]);
            }
        }
        ModelBook::remember($given['model'], $field, $typed, $user);

        return redirect()
            ->route('models', ['model' => $given['model']])
            ->with(
                'notice',
                ModelBook::label($field).
                    ($typed === '' ? ': taken out of the book.' : ": {$typed}. It stands on the next job of this model."),
            );
    }
}
