<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\InstrumentsPage;
use App\Changes\SetForShop;
use App\Models\ShopFigure;
use App\Models\User;
use App\Page\DeviceList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Limit\Instrument;
use Spindle\Sheet\SheetError;

/** How far the shop's own instruments can be trusted. */
final class InstrumentController
{
    public function index(): View
    {
        return view('books.instruments', [
            'devices' => DeviceList::all(), 'came' => DeviceList::came(12),
            'book' => InstrumentsPage::now(),
        ]);
    }

    public function store(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate([
            'instrument' => ['required', Rule::enum(Instrument::class)],
            'uncertainty' => ['nullable', 'string', 'max:40'],
        ]);
        $instrument = Instrument::from($given['instrument']);
        $typed = trim($given['uncertainty'] ?? '');
        try {
            (new SetForShop($lead))->figures(ShopFigure::UNCERTAINTIES, [$instrument->value => $typed]);
        } catch (SheetError $e) {
            return back()
                ->withInput()
                ->withErrors(['uncertainty' => $e->getMessage().'.']);
        }

        return redirect()
            ->route('instruments')
            ->with(
                'notice',
                ucfirst($instrument->label()).
                    ($typed === ''
                        ? ': the built-in figure counts again.'
                        : ": {$typed} from now on. Open jobs follow; signed ones stay as they were."),
            );
    }
}
