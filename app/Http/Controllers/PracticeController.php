<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\CourseDrawing;
use App\Page\PracticeBay;
use App\Page\PracticeWays;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Spindle\Practice\Hidden;
use Spindle\Practice\Level;
use Spindle\Practice\PracticeError;
use Spindle\Practice\Seed;
use Spindle\Practice\Tell;
use Spindle\Triage\Causes;
use Spindle\Vehicle\VehicleClass;

/** The practice bay: a vehicle with a hidden fault, of which nothing is stored. */
final class PracticeController
{
    /** Chooses a vehicle, or goes to the one that was chosen. */
    public function index(Request $request): View|RedirectResponse
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
                random_int(1, Seed::MOST),
            );
            $refused = $set === null ? 'No practice vehicle of this kind has this fault' : '';
        }

        return view('practice', [
            'set' => $set, 'causes' => Causes::all(), 'handOut' => $set === null ? ''
                : route('practice.at', [$set->seed->code(), ...array_filter($given, static fn (string $v): bool => $v !== '')]),
            'levels' => Level::cases(), 'classes' => VehicleClass::cases(), 'tells' => Tell::cases(), 'refused' => $refused,
        ]);
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
            'bay' => $bay, 'debrief' => $debrief, 'course' => $debrief === null ? null : CourseDrawing::of($debrief),
        ]);
    }
}
