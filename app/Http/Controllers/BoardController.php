<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\ChecksDue;
use App\Board\DayBoard;
use App\Board\LayTasks;
use App\Changes\SetForShop;
use App\Models\BoardSlot;
use App\Models\Job;
use App\Models\ShopFigure;
use App\Models\User;
use App\Sheets\NearDay;
use DateTimeImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Spindle\Planning\Layout;
use Spindle\Planning\PlanningError;
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
            'day' => ['required', ...NearDay::RULE],
            'time' => ['required', 'date_format:H:i'],
            'hours' => ['nullable', 'numeric', 'between:0.1,60'],
        ]);
        $job = Job::query()->with('vehicle')->findOrFail((int) $given['job']);
        abort_if(! $job->is_open, 422, 'The job is signed.');
        $task = Task::from($given['task']);
        $hours = isset($given['hours']) ? (float) $given['hours']
            : $task->usual(VehicleClass::tryFrom($job->vehicle->class), Layout::Front)->value;

        $person = isset($given['person']) ? (int) $given['person'] : null;
        $start = new DateTimeImmutable("{$given['day']} {$given['time']}", DayBoard::calendar()->zone);

        return self::planned($given['day'], static fn () => (new LayTasks($user))->lay(
            $job, $task, $person, $given['place'] ?? '', $start, $hours,
        ));
    }

    public function move(Request $request, BoardSlot $slot, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'minutes' => ['nullable', 'integer', 'between:-1440,1440'],
            'people' => ['nullable', 'integer', 'between:-50,50'],
            'day' => ['required', ...NearDay::RULE],
        ]);
        $board = DayBoard::of(new DateTimeImmutable($given['day'], DayBoard::calendar()->zone));
        $row = max(0, min($board->people->count(), $board->rowOf($slot) + (int) ($given['people'] ?? 0)));
        $start = $slot->starts_at->toDateTimeImmutable()->modify(sprintf('%+d minutes', (int) ($given['minutes'] ?? 0)));

        return self::planned($given['day'], static fn () => (new LayTasks($user))->move($slot, $start, $board->people->get($row)?->id));
    }

    public function lift(Request $request, BoardSlot $slot, #[CurrentUser] User $user): RedirectResponse
    {
        $day = $request->validate(['day' => ['required', ...NearDay::RULE]])['day'];
        (new LayTasks($user))->lift($slot);

        return self::back($day);
    }

    public function propose(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $day = $request->validate(['day' => ['required', ...NearDay::RULE]])['day'];
        $calendar = DayBoard::calendar();
        $from = max(new DateTimeImmutable("{$day} 00:00", $calendar->zone), now()->toDateTimeImmutable()->setTimezone($calendar->zone));

        return self::planned($day, static fn (): string => match ($laid = (new LayTasks($user))->propose($calendar->next($from))) {
            0 => 'Everything open lies on the board already.',
            default => "{$laid} tasks laid. What lay there was left where it is.",
        });
    }

    public function places(Request $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $given = $request->validate(['places' => ['required', 'string', 'max:200', 'regex:/\w/']]);
        (new SetForShop($lead))->figures(ShopFigure::PLACES, ['list' => trim($given['places'])]);

        return redirect()->route('board')->with('notice', 'Places set.');
    }

    private static function day(Request $request): DateTimeImmutable
    {
        $given = $request->validate(['day' => ['nullable', ...NearDay::RULE]])['day'] ?? null;

        return $given === null ? DayBoard::today() : new DateTimeImmutable($given, DayBoard::calendar()->zone);
    }

    /**
     * What cannot be laid on any open day is said, and changes nothing.
     *
     * @param  \Closure(): mixed  $lay  gives a sentence to be shown, if any
     */
    private static function planned(string $day, \Closure $lay): RedirectResponse
    {
        try {
            $said = $lay();
        } catch (PlanningError $e) {
            return self::back($day)->withErrors(['day' => 'Not laid: no day is open. '.ucfirst($e->getMessage()).'.']);
        }

        return is_string($said) ? self::back($day)->with('notice', $said) : self::back($day);
    }

    private static function back(string $day): RedirectResponse
    {
        return redirect()->route('board', ['day' => $day]);
    }
}
