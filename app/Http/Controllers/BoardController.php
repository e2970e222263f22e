<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\ChecksDue;
use App\Board\DayBoard;
use App\Board\LayTasks;
use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\ShopFigure;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Spindle\Planning\Layout;
use Spindle\Planning\Task;
use Spindle\Vehicle\VehicleClass;

/** The board of the day: what is whose, where and when. */
final class BoardController
{
    public function show(Request $request): View
    {
        $board = DayBoard::of(self::day($request));

        return view('board.day', [
            'board' => $board,
            'jobs' => Job::query()->with(['vehicle', 'standing'])->where('is_open', true)->orderByRaw('promised_on is null')
                ->orderBy('promised_on')->limit(40)->get(),
            'due' => ChecksDue::until($board->day->modify('+14 days')),
        ]);
    }

    public function lay(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'job' => ['required', 'integer', 'exists:clutch_jobs,id'],
            'task' => ['required', new Enum(Task::class)],
            'person' => ['nullable', 'integer', 'exists:users,id'],
            'place' => ['nullable', 'string', Rule::in(DayBoard::places())],
            'day' => ['required', 'date_format:Y-m-d'],
            'time' => ['required', 'date_format:H:i'],
            'hours' => ['nullable', 'numeric', 'between:0.1,60'],
        ]);
        $job = Job::query()->with('vehicle')->findOrFail((int) $given['job']);
        abort_if(! $job->is_open, 422, 'The job is signed.');
        $task = Task::from($given['task']);
        $hours = isset($given['hours']) ? (float) $given['hours']
            : $task->usual(VehicleClass::tryFrom($job->vehicle->class), Layout::Front)->value;
        (new LayTasks($user))->lay($job, $task, isset($given['person']) ? (int) $given['person'] : null, $given['place'] ?? '',
            new DateTimeImmutable("{$given['day']} {$given['time']}", DayBoard::calendar()->zone), $hours);

        return self::back($given['day']);
    }

    public function move(Request $request, BoardSlot $slot, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'minutes' => ['nullable', 'integer', 'between:-1440,1440'],
            'people' => ['nullable', 'integer', 'between:-50,50'],
            'day' => ['required', 'date_format:Y-m-d'],
        ]);
        $board = DayBoard::of(new DateTimeImmutable($given['day'], DayBoard::calendar()->zone));
        $row = max(0, min($board->people->count(), $board->rowOf($slot) + (int) ($given['people'] ?? 0)));
        $start = $slot->starts_at->toDateTimeImmutable()->modify(sprintf('%+d minutes', (int) ($given['minutes'] ?? 0)));
        (new LayTasks($user))->move($slot, $start, $board->people->get($row)?->id);

        return self::back($given['day']);
    }

    public function lift(Request $request, BoardSlot $slot, #[CurrentUser] User $user): RedirectResponse
    {
        $day = $request->validate(['day' => ['required', 'date_format:Y-m-d']])['day'];
        (new LayTasks($user))->lift($slot);

        return self::back($day);
    }

    public function propose(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $day = $request->validate(['day' => ['required', 'date_format:Y-m-d']])['day'];
        $calendar = DayBoard::calendar();
        $from = max(new DateTimeImmutable("{$day} 00:00", $calendar->zone), now()->toDateTimeImmutable()->setTimezone($calendar->zone));
        $laid = (new LayTasks($user))->propose($calendar->next($from));

        return self::back($day)->with('notice', $laid === 0 ? 'Everything open lies on the board already.'
            : "{$laid} tasks laid. What lay there was left where it is.");
    }

    public function places(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(['places' => ['required', 'string', 'max:200', 'regex:/\w/']]);
        ShopFigure::set(ShopFigure::PLACES, 'list', trim($given['places']), $lead);

        return redirect()->route('board')->with('notice', 'Places set.');
    }

    private static function day(Request $request): DateTimeImmutable
    {
        $zone = DayBoard::calendar()->zone;
        $given = $request->string('day')->toString();
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $given, $zone);

        return $day === false || $day->format('Y-m-d') !== $given ? DayBoard::today() : $day;
    }

    private static function back(string $day): RedirectResponse
    {
        return redirect()->route('board', ['day' => $day]);
    }
}
