<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\Morning;
use App\Board\SetUp;
use App\Changes\SetForShop;
use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use App\Models\User;
use App\Page\BayList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The bay: every vehicle with its jobs, what stage each is at and what is missing. */
final class BayController
{
    private const LAST_PAGE = 100_000;

    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        $search = mb_substr($request->string('q')->trim()->value(), 0, 100);
        $filter = $request->string('show')->value();
        $byPromise = $request->string('sort')->value() === 'promised';
        $list = BayList::matching($search, $filter, $byPromise, min(self::LAST_PAGE, max(1, $request->integer('page', 1))));

        return view($request->header('HX-Request') === 'true' ? 'bay.list' : 'bay', [
            'search' => $search,
            'list' => $list,
            'filter' => array_key_exists($filter, BayList::filters()) ? $filter : '',
            'byPromise' => $byPromise,
            'setUp' => $user->isLead() ? SetUp::open() : [],
            'unusable' => ShopKnowledge::unusable(),
            // What today brings stands over the whole list, not over what is looked for in it.
            'morning' => $search === '' && $filter === '' && ! $byPromise && $request->integer('page', 1) === 1
                ? Morning::now($user->isLead()) : null,
        ]);
    }

    /** Something of the set-up is left for later; it is not asked for any more. */
    public function later(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(['step' => ['required', Rule::in(array_column(SetUp::cases(), 'value'))]]);
        (new SetForShop($lead))->figures(ShopFigure::SET_UP, [$given['step'] => 'later']);

        return redirect()->route('bay');
    }
}
