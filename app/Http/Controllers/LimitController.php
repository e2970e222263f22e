<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\LimitsPage;
use App\Changes\SetForShop;
use App\Limits\LimitsBook;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Sheet\SheetError;

/** The limits book: every limit with value, mark and source; the lead may set the shop's own. */
final class LimitController
{
    public function index(): View
    {
        return view('books.limits', ['book' => LimitsPage::now()]);
    }

    public function store(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:100'],
            'classes' => ['required', 'string', 'max:100'],
            'least' => ['nullable', 'string', 'max:40'],
            'greatest' => ['nullable', 'string', 'max:40'],
        ]);
        [$least, $greatest] = [trim($given['least'] ?? ''), trim($given['greatest'] ?? '')];
        $row = LimitsBook::row($given['name'], $given['classes']);
        if ($row === null) {
            abort(404);
        }
        try {
            (new SetForShop($lead))->limit($row, $given['classes'], $least, $greatest);
        } catch (SheetError $e) {
            return back()
                ->withInput()
                ->withErrors(['limit' => $e->getMessage().'.']);
        }

        return redirect()
            ->route('limits')
            ->with(
                'notice',
                LimitsBook::label($row).
                    ($least === '' && $greatest === ''
                        ? ': common practice again.'
                        : ': set for the shop. Open jobs follow; signed ones stay as they were.'),
            );
    }
}
