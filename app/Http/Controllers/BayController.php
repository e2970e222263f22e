<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\Morning;
use App\Limits\ShopKnowledge;
use App\Page\BayList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The bay: every vehicle with its jobs, what stage each is at and what is missing. */
final class BayController
{
    private const LAST_PAGE = 100_000;

    public function __invoke(Request $request): View
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
            'unusable' => ShopKnowledge::unusable(),
            // What today brings stands over the whole list, not over what is looked for in it.
            'morning' => $search === '' && $filter === '' && ! $byPromise && $request->integer('page', 1) === 1 ? Morning::now() : null,
        ]);
    }
}
