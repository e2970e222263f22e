<?php

declare(strict_types=1);

use App\Http\Controllers\DeviceController;
use Illuminate\Support\Facades\Route;

/* What instruments send. A token of their own, nobody's session; the way in is described in docs/instruments.md. */
Route::post('/readings', [DeviceController::class, 'take'])->middleware(['auth:sanctum', 'throttle:120,1'])->name('readings');
