<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Page\Guide;
use Illuminate\Contracts\View\View;
use Spindle\Sheet\Station;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The guide: whole, of one station, and its pictures. */
final class GuideController
{
    public function show(): View
    {
        return view('guide', ['parts' => Guide::read()->parts(), 'readings' => Guide::allReadings()]);
    }

    public function station(string $station): View
    {
        $at = Station::tryFrom($station) ?? abort(404);

        return view('guide.station', [
            'said' => Guide::read()->of($at) ?? abort(404), 'station' => $at, 'readings' => Guide::readings($at),
        ]);
    }

    public function picture(string $name): BinaryFileResponse
    {
        $file = base_path(Guide::PICTURES."/{$name}.png");
        abort_unless(is_file($file), 404);

        return response()->file($file, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=3600']);
    }
}
