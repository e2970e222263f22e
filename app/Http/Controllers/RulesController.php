<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Books\RulesPage;
use App\Changes\SetForShop;
use App\Models\ShopFigure;
use App\Models\User;
use App\Sheets\NearDay;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Record\Shop;
use Spindle\Sheet\SheetError;

/** What the shop decides about kits: figures of linings and duties, what rates a kit, how the parts of a score weigh. */
final class RulesController
{
    public function index(): View
    {
        return view('books.rules', ['book' => RulesPage::now()]);
    }

    /** A day on which the shop is closed. */
    public function closed(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(['day' => ['required', ...NearDay::RULE], 'why' => ['required', 'string', 'max:40']]);
        (new SetForShop($lead))->figures(ShopFigure::CALENDAR, ["closed.{$given['day']}" => trim($given['why'])]);

        return redirect()->route('rules')->with('notice', "Closed on {$given['day']}. Plans go around it.");
    }

    public function store(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate([
            'section' => ['required', Rule::in(ShopFigure::RULES)],
            'name' => ['required', 'string', 'regex:/^[a-z_]+(\.[a-z_]+|\.\d{4}-\d\d-\d\d)?$/', 'max:60'],
            'value' => ['nullable', 'string', 'max:120'],
        ]);
        $value = trim($given['value'] ?? '');
        $value = in_array($given['section'], [ShopFigure::CALENDAR, Shop::NAME], true) ? $value : str_replace(',', '.', $value);
        $closed = preg_match('/^closed\.(.*)$/', $given['name'], $m) === 1 ? $m[1] : null;
        if ($closed !== null && $value !== '') {
            validator(['day' => $closed], ['day' => NearDay::RULE])->validate();
        }
        try {
            (new SetForShop($lead))->figures($given['section'], [$given['name'] => $value]);
        } catch (SheetError $e) {
            return back()->withInput()->withErrors(['value' => $e->getMessage().'.']);
        }

        return redirect()->route('rules')->with('notice', ($value === '' ? 'The built-in figure counts again.' : "{$value} from now on.")
            .' Open jobs follow; signed ones stay as they were.');
    }
}
