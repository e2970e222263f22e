<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\CausePage;
use App\Books\EvidencePage;
use App\Changes\SetForShop;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;
use Spindle\Triage\Causes;
use Spindle\Triage\EvidenceTable;
use Spindle\Triage\Strength;

/** The table triage counts by: how common each cause is, how strongly each sign and test speaks for it. */
final class EvidenceController
{
    public function index(): View
    {
        return view('books.evidence', ['book' => EvidencePage::now()]);
    }

    public function show(string $cause): View
    {
        return view('books.cause', ['book' => CausePage::of($cause) ?? abort(404)]);
    }

    /** Takes in what was changed of one cause, and writes down only that. */
    public function store(Request $request, string $cause, #[CurrentUser] User $lead): RedirectResponse
    {
        $builtIn = Causes::all()[$cause] ?? abort(404);
        $now = ShopKnowledge::evidence()->causes[$cause];
        $changes = [];
        $given = $request->validate(
            ['prior' => ['required', 'string', 'max:20'], 'strength' => ['array', 'max:200']],
            ['prior.required' => 'How common: a number from 0.1 to 100 is expected.'],
        );
        $prior = str_replace(',', '.', trim($given['prior']));
        if (! is_numeric($prior)) {
            return back()
                ->withInput()
                ->withErrors(['prior' => "How common: “{$prior}” is no number; expected 0.1 to 100."]);
        }
        if ((float) $prior !== $now->prior) {
            $changes[EvidenceTable::PRIOR] = (float) $prior === $builtIn->prior ? '' : $prior;
        }
        foreach ($given['strength'] ?? [] as $evidence => $word) {
            $strength = is_string($word) ? Strength::tryFrom($word) : null;
            if ($strength !== null && $strength !== $now->strength((string) $evidence)) {
                $changes[(string) $evidence] = $strength === $builtIn->strength((string) $evidence) ? '' : $strength->value;
            }
        }
        try {
            (new SetForShop($lead))->figures(ShopFigure::CAUSES, array_combine(
                array_map(static fn (string $name): string => "{$cause}.{$name}", array_keys($changes)), array_values($changes),
            ));
        } catch (SheetError $e) {
            return back()
                ->withInput()
                ->withErrors(['prior' => "{$builtIn->label}: {$e->reason}."]);
        }

        return redirect()
            ->route('evidence')
            ->with(
                'notice',
                "{$builtIn->label}: ".
                    ($changes === []
                        ? 'nothing was changed.'
                        : count($changes).' changed. Open jobs follow; signed ones stay as they were.'),
            );
    }
}
