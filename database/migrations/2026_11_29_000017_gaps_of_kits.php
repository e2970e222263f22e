<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many data a kit leaves out that every vehicle asks for stands with what it is sieved and ranked by. */
return new class extends Migration
{
    private const SIEVED = [
        'spline_count', 'spline_diameter', 'release_way', 'stages', 'discs', 'for_car', 'for_van', 'for_truck', 'for_tractor',
        'brings_flywheel', 'lining_outer', 'damper', 'torque_one', 'torque_two', 'lining_area', 'claimed_torque', 'material', 'pads',
        'release_load', 'price', 'currency', 'lead_days', 'gaps', 'supplier_id', 'search_text',
    ];

    public function up(): void
    {
        foreach (['kits', 'kit_import_rows'] as $name) {
            if (! Schema::hasColumn($name, 'gaps')) {
                Schema::table($name, fn (Blueprint $table) => $table->integer('gaps')->nullable());
            }
        }
        Schema::table('kits', function (Blueprint $table): void {
            $table->dropIndex('kits_sieve');
            $table->index(self::SIEVED, 'kits_sieve');
        });
    }

    public function down(): void
    {
        throw new RuntimeException('there is no way back behind this; restore the backup of before');
    }
};
