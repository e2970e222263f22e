<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\SpreadPlot;
use App\Page\ShopHistory;
use Illuminate\Contracts\View\View;

/** What the shop's signed jobs say together. */
final class ShopHistoryController
{
    public function __invoke(): View
    {
        $history = ShopHistory::now();

        return view('history.shop', ['history' => $history, 'plots' => array_map(SpreadPlot::of(...), [
            'kits' => $history->kits, 'causes' => $history->causes, 'twice' => $history->twice, 'hours' => $history->hours,
        ])]);
    }
}
