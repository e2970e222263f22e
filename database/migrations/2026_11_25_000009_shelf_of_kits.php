<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The shelf: kits with columns for what is searched and sieved, everything else beside them; suppliers with how their lists are read;
 * lists on their way in.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('suppliers', function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            // How the columns of its lists are read, remembered from the last time.
            $table->json('map')->nullable();
            $table->timestamps();
        });
        Schema::table('kits', function (Blueprint $table): void {
            $table->dropUnique(['number']);
            $table->dropIndex(['class']);
            $table->foreignId('supplier_id')->nullable()->constrained()->restrictOnDelete();
            $this->sieved($table);
            $table->unique(['supplier_id', 'number']);
            $table->index(['spline_count', 'release_way']);
        });
        Schema::create('kit_details', function (Blueprint $table): void {
            $table->foreignId('kit_id')->primary()->constrained()->cascadeOnDelete();
            $this->beside($table);
        });
        Schema::create('kit_imports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supplier_id')->constrained()->restrictOnDelete();
            $table->string('file_name');
            $table->string('file');
            $table->string('sha256', 64);
            $table->string('state');
            $table->json('form');
            $table->json('map')->nullable();
            $table->unsignedBigInteger('offset')->default(0);
            $table->unsignedBigInteger('size')->default(0);
            $table->unsignedInteger('line')->default(0);
            foreach (['read', 'new', 'changed', 'same', 'bad'] as $count) {
                $table->unsignedInteger("rows_{$count}")->default(0);
            }
            $table->string('by_name');
            $table->timestamps();
        });
        Schema::create('kit_import_rows', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_import_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('line');
            $table->string('outcome');
            $table->string('number');
            $table->string('name');
            $table->string('class');
            $this->sieved($table);
            $this->beside($table);
            $table->unique(['kit_import_id', 'number']);
        });
        Schema::create('kit_import_errors', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kit_import_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('line');
            $table->string('column');
            $table->text('read');
            $table->text('expected');
        });
        Schema::table('kit_choices', fn (Blueprint $table) => $table->index('kit_id'));
        // Changes with every change of the shelf; what was ranked before does not count any more.
        Schema::create('shelf_stamps', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('stamp')->default(0);
            $table->string('currency')->default('');
            $table->unsignedInteger('kits')->default(0);
        });
        DB::table('shelf_stamps')->insert(['stamp' => random_int(1, PHP_INT_MAX >> 8)]);
        // What is on the shelf already keeps its data; its columns follow with `shelf:rebuild`.
        DB::statement("insert into kit_details (kit_id, data, facts) select id, data, '{}' from kits");
        Schema::table('kits', fn (Blueprint $table) => $table->dropColumn('data'));
    }

    public function down(): void
    {
        Schema::table('kit_choices', fn (Blueprint $table) => $table->dropIndex(['kit_id']));
        foreach (['shelf_stamps', 'kit_import_errors', 'kit_import_rows', 'kit_imports', 'kit_details'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::drop('kits');
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->string('number')->unique();
            $table->string('name');
            $table->string('class')->index();
            $table->json('data');
            $table->timestamps();
        });
        Schema::dropIfExists('suppliers');
    }

    /** Searched and sieved, in base units. */
    private function sieved(Blueprint $table): void
    {
        $table->text('search_text')->default('');
        foreach (['for_car', 'for_van', 'for_truck', 'for_tractor', 'brings_flywheel'] as $flag) {
            $table->boolean($flag)->default(false);
        }
        foreach (['release_way', 'stages', 'material', 'damper', 'currency'] as $word) {
            $table->string($word)->nullable();
        }
        foreach (['discs', 'spline_count', 'lead_days'] as $count) {
            $table->integer($count)->nullable();
        }
        foreach (['spline_diameter', 'lining_outer', 'clamp_load', 'torque_one', 'claimed_torque', 'price'] as $number) {
            $table->double($number)->nullable();
        }
    }

    /** The kit as its supplier wrote it, the same as plain values, and columns of the list that no field takes. */
    private function beside(Blueprint $table): void
    {
        $table->json('data');
        $table->json('facts');
        $table->json('extra')->nullable();
        $table->string('content_hash', 40)->default('');
    }
};
