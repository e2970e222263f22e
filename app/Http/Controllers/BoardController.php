<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\ChecksDue;
use App\Board\DayBoard;
use App\Board\LaidTogether;
use App\Board\LayTasks;
use App\Board\WouldLay;
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
    /** So many open jobs stand in the list that tasks are laid from. */
    private const TO_LAY = 40;

    public function show(Request $request): View
    {
        $board = DayBoard::of(self::day($request));

        return view('board.day', [
            'board' => $board,
            'jobs' => self::toLay(),
            'together' => LaidTogether::last(),
            'due' => ChecksDue::inTurn(ChecksDue::until($board->day->modify('+14 days')), $board->day),
        ]);
    }

    /** @return list<Job> those that are promised, the earliest first, then those that somebody was at last; each is found by its index */
    private static function toLay(): array
    {
        $promised = Job::query()->with(['vehicle', 'standing'])->where('is_open', true);
        $promised->whereNotNull('promised_on')->orderBy('promised_on')->limit(self::TO_LAY);
        $others = Job::query()->with(['vehicle', 'standing'])->where('is_open', true);
        $others->whereNull('promised_on')->orderByDesc('updated_at')->limit(self::TO_LAY);

        return array_slice([...$promised->get()->all(), ...$others->get()->all()], 0, self::TO_LAY);
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
        abort_if(! $job->is_open, 422, 'The job is signed, or closed.');
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

    /** What would be laid, to be looked at; nothing is changed by it. */
    public function proposal(Request $request): View|RedirectResponse
    {
        $day = $request->validate(['day' => ['required', ...NearDay::RULE]])['day'];
        $zone = DayBoard::calendar()->zone;
        try {
            $would = WouldLay::of(max(new DateTimeImmutable("{$day} 00:00", $zone), now()->toDateTimeImmutable()->setTimezone($zone)));
        } catch (PlanningError $e) {
            return self::closed($day, $e);
        }

        return view('board.proposal', ['day' => $day, 'would' => $would, 'board' => DayBoard::of(new DateTimeImmutable($day, $zone)),
            'people' => User::query()->pluck('name', 'id')]);
    }

    /** What was looked at is laid; where the board is no longer as it was then, it is shown again. */
    public function propose(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'day' => ['required', ...NearDay::RULE], 'from' => ['required', 'integer', 'min:0', 'max:9999999999'],
            'mark' => ['required', 'string', 'size:32'],
        ]);
        $from = (new DateTimeImmutable('@'.$given['from']))->setTimezone(DayBoard::calendar()->zone);
        try {
            $isStill = $from >= now()->subHour() && (new LayTasks($user))->propose($from, $given['mark']);
        } catch (PlanningError $e) {
            return self::closed($given['day'], $e);
        }

        return $isStill ? self::back($given['day'])->with('notice', 'Laid. What lay there was left where it is.')
            : redirect()->route('board.proposal', ['day' => $given['day']])
                ->withErrors(['mark' => 'Nothing laid: the board or a job has changed since you looked. This is what would be laid now.']);
    }

    /** What was laid in one go is taken off again. */
    public function takeBack(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['day' => ['required', ...NearDay::RULE], 'with' => ['required', 'string', 'max:40']]);
        $tasks = (new LayTasks($user))->takeBack($given['with']);

        return self::back($given['day'])->with('notice', $tasks === 0 ? 'Nothing of it lies there as it was laid.'
            : "{$tasks} tasks taken off again. What was moved by hand since lies where it was moved.");
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

        return $given === null ? DayBoard::next() : new DateTimeImmutable($given, DayBoard::calendar()->zone);
    }

    /**
     * What cannot be laid on any open day is said, and changes nothing.
     *
     * @param  \Closure(): mixed  $lay
     */
    private static function planned(string $day, \Closure $lay): RedirectResponse
    {
        try {
            $lay();
        } catch (PlanningError $e) {
            return self::closed($day, $e);
        }

        return self::back($day);
    }

    private static function closed(string $day, PlanningError $e): RedirectResponse
    {
        return self::back($day)->withErrors(['day' => 'Not laid: no day is open. '.ucfirst($e->getMessage()).'.']);
    }

    private static function back(string $day): RedirectResponse
    {
        return redirect()->route('board', ['day' => $day]);
    }
}
