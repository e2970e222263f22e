<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Page\ShopHistory;
use Illuminate\Contracts\View\View;

/** What the shop's signed jobs say together. */
final class ShopHistoryController
{
    public function __invoke(): View
    {
        return view('history.shop', ['history' => ShopHistory::now()]);
    }
}
