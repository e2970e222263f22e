<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\CourseDrawing;
use App\Drawings\ProgressDrawing;
use App\Models\User;
use App\Page\PracticeBay;
use App\Page\PracticeWays;
use App\Practice\BeginPractice;
use App\Practice\Ground;
use App\Practice\GroundFile;
use App\Practice\PracticeLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Spindle\Practice\Builds;
use Spindle\Practice\Hidden;
use Spindle\Practice\Level;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Practice\Tell;
use Spindle\Sheet\Station;
use Spindle\Triage\Causes;
use Spindle\Vehicle\VehicleClass;

/** The practice bay: a vehicle with a hidden fault, of which nothing is stored. */
final class PracticeController
{
    /** Chooses a vehicle, or goes to the one that was chosen. */
    public function index(Request $request, #[CurrentUser] User $user): View|RedirectResponse
    {
        $code = trim($request->string('seed')->toString());
        $given = array_filter($request->only('level', 'class', 'tell'), is_string(...));
        $refused = '';
        try {
            if ($request->has('seed')) {
                $seed = $code === '' ? Seed::of(random_int(1, Seed::MOST)) : Seed::read($code);

                return redirect()->route('practice.at', [$seed->code(), ...array_filter($given, static fn (string $v): bool => $v !== '')]);
            }
        } catch (PracticeError $e) {
            $refused = ucfirst($e->getMessage());
        }

        $fault = $request->string('fault')->toString();
        $set = null;
        if ($refused === '' && isset(Causes::all()[$fault])) {
            $set = Hidden::with(
                $fault, Level::tryFrom($given['level'] ?? '') ?? Level::Plain, VehicleClass::tryFrom($given['class'] ?? ''),
                random_int(1, Seed::MOST), $request->string('build')->toString(),
            );
            $refused = $set === null ? 'No practice vehicle of this kind has this fault' : '';
        }

        return view('practice', [
            'set' => $set, 'causes' => Causes::all(), 'handOut' => $set === null ? ''
                : route('practice.at', [$set->seed->code(), ...array_filter($given, static fn (string $v): bool => $v !== '')]),
            'own' => $own = PracticeLog::of($user), 'progress' => ProgressDrawing::of(PracticeLog::course($own)),
            'shown' => $user->isLead() ? PracticeLog::shownByOthers($user) : [],
            'toStations' => $set === null ? '' : route('practice', ['vehicle' => $set->seed->code(), ...$given]),
            'builds' => Builds::named(null), 'levels' => Level::cases(), 'classes' => VehicleClass::cases(), 'tells' => Tell::cases(),
            'refused' => $refused,
        ]);
    }

    /** Brings the vehicle to the practice ground of whoever asks for it, with all its stations. */
    public function begin(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'seed' => ['nullable', 'string', 'max:12'], 'level' => ['nullable', Rule::enum(Level::class)],
            'class' => ['nullable', Rule::enum(VehicleClass::class)], 'tell' => ['nullable', Rule::enum(Tell::class)],
        ]);
        $class = VehicleClass::tryFrom($given['class'] ?? '');
        try {
            $code = trim($given['seed'] ?? '');
            $seed = $code === '' ? Seed::of(random_int(1, Seed::MOST)) : Seed::read($code);
            $hidden = Hidden::of($seed, Level::tryFrom($given['level'] ?? '') ?? Level::Plain, $class);
        } catch (PracticeError $e) {
            return redirect()->route('practice')->withErrors(['seed' => ucfirst($e->getMessage()).'.']);
        }
        $job = BeginPractice::with($hidden, $class, Tell::tryFrom($given['tell'] ?? '') ?? Tell::Asked, $user);

        return redirect()->away(Ground::page('station', [$job->id, Station::Intake->value]));
    }

    /** All that somebody practised at the stations, for good. */
    public function erase(#[CurrentUser] User $user): RedirectResponse
    {
        GroundFile::takeAway($user);

        return redirect()->route('practice')->with('notice', 'What you practised at the stations is gone, for good.');
    }

    /** Ways of several people at one vehicle, side by side. */
    public function ways(Request $request): View
    {
        $text = $request->string('ways')->limit(20_000)->toString();
        $ways = PracticeWays::read($text);
        $courses = $ways->courses();

        return view('practice.ways', [
            'text' => $text, 'ways' => $ways, 'course' => $courses === [] ? null : CourseDrawing::ofWays($courses),
        ]);
    }

    public function at(Request $request, string $seed): View
    {
        try {
            $bay = PracticeBay::of(
                $seed, array_filter($request->only('level', 'class', 'tell'), is_string(...)), $request->string('m')->toString(),
            );
        } catch (PracticeError $e) {
            abort(404, ucfirst($e->getMessage()).'.');
        }
        $debrief = $bay->isOver() ? $bay->debrief() : null;

        return view(match (true) {
            $debrief !== null => 'practice.end',
            $bay->isOpen() => 'practice.open',
            default => 'practice.vehicle',
        }, [
            'bay' => $bay, 'debrief' => $debrief, 'saidOf' => PracticeBay::said(...),
            'course' => $debrief === null ? null : CourseDrawing::of($debrief),
        ]);
    }
}
