<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\CausePage;
use App\Books\EvidencePage;
use App\Changes\SetForShop;
use App\Limits\OwnFaults;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
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

    /** Whether the shop learns from its own jobs, how much the table counts for beside them, and from when on. */
    public function learning(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate([
            'on' => ['nullable', Rule::in(['yes', 'no'])], 'weight' => ['nullable', 'numeric', 'min:1', 'max:1000'],
            'reset' => ['nullable', Rule::in(['yes'])],
        ], ['weight.*' => 'The table counts for: a number of cases from 1 to 1000 is expected.']);
        $figures = array_filter([
            'on' => $given['on'] ?? null, 'weight' => isset($given['weight']) ? (string) $given['weight'] : null,
            'since' => isset($given['reset']) ? now()->format('Y-m-d H:i:s') : null,
        ], static fn (?string $value): bool => $value !== null);
        (new SetForShop($lead))->figures(OwnFaults::LEARNING, $figures);

        return redirect()->route('evidence')->with('notice', 'Set. Open jobs follow; signed ones stay as they were.');
    }

    /** What was learned, for whoever wants to look at it elsewhere: an open file. */
    public function learned(): Response
    {
        return response((string) json_encode(OwnFaults::cases()->section(all: true), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE))
            ->header('Content-Type', 'application/json')->header('Content-Disposition', 'attachment; filename="own-cases.json"');
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
