<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Upkeep\Health;
use Illuminate\Http\JsonResponse;

/** For whoever watches the server. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        $report = Health::report();

        return response()->json($report, Health::isUp($report) ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
