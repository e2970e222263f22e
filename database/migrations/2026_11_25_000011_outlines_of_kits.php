<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a kit is sieved and ranked by before it is opened lies together in one index: a shelf of thousands is one short read. */
return new class extends Migration
{
    private const SIEVED = [
        'spline_count', 'spline_diameter', 'release_way', 'stages', 'discs', 'for_car', 'for_van', 'for_truck', 'for_tractor',
        'brings_flywheel', 'lining_outer', 'damper', 'torque_one', 'torque_two', 'lining_area', 'claimed_torque', 'material', 'pads',
        'release_load', 'price', 'currency', 'lead_days', 'supplier_id', 'search_text',
    ];

    public function up(): void
    {
        foreach (['kits', 'kit_import_rows'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->integer('pads')->nullable();
                $table->double('release_load')->nullable();
                $table->double('lining_area')->nullable();
                $table->double('torque_two')->nullable();
            });
        }
        Schema::table('kits', function (Blueprint $table): void {
            $table->dropIndex(['spline_count', 'release_way']);
            $table->index(self::SIEVED, 'kits_sieve');
        });
    }

    public function down(): void
    {
        Schema::table('kits', function (Blueprint $table): void {
            $table->dropIndex('kits_sieve');
            $table->index(['spline_count', 'release_way']);
        });
        foreach (['kits', 'kit_import_rows'] as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn(['pads', 'release_load', 'lining_area', 'torque_two']));
        }
    }
};
