<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Board\DayBoard;
use App\Board\LayTasks;
use App\Board\WouldLay;
use App\Models\BoardSlot;
use App\Models\Installation;
use App\Models\NotForTheDemo;
use App\Models\User;
use Illuminate\Console\Command;

/** Lays the demonstration's open work on its board, whatever day it is looked at. Never anything but the demonstration. */
final class LayDemoBoard extends Command
{
    protected $signature = 'demo:board';

    protected $description = 'Lay the open work of the demonstration on its board, where nothing lies there from today on';

    public function handle(): int
    {
        if (! Installation::isDemo()) {
            $this->error(NotForTheDemo::bySettings()->getMessage());

            return self::FAILURE;
        }
        $from = DayBoard::next();
        if (BoardSlot::query()->where('ends_at', '>', DayBoard::stored($from))->exists()) {
            $this->line('The board has work on it.');

            return self::SUCCESS;
        }
        $from = DayBoard::calendar()->next(max($from, now()->toDateTimeImmutable()));
        $isLaid = (new LayTasks(User::query()->orderBy('id')->firstOrFail()))->propose($from, WouldLay::of($from)->mark());
        $this->line($isLaid ? 'Laid.' : 'Somebody else lays it.');

        return self::SUCCESS;
    }
}
