<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Accounts that can be disabled and given a first password; what happened, for the lead to read; how far a waiver reaches. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dateTime('disabled_at')->nullable();
            // A password that somebody else knows is good for one thing, until this moment: choosing one of one's own.
            $table->dateTime('first_password_until')->nullable();
            $table->string('name_key')->default('');
        });
        $this->nameEachAccountOnce();
        Schema::table('users', fn (Blueprint $table) => $table->unique('name_key'));
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->id();
            $table->string('log_name')->nullable();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
            $table->index(['log_name', 'id']);
        });
        Schema::table('waivers', function (Blueprint $table): void {
            // What was given before this was asked reached everything.
            $table->string('reach')->default('out');
            $table->boolean('asked')->default(false);
            $table->string('seconded_by')->default('');
        });
        Schema::table('model_figures', fn (Blueprint $table) => $table->string('checked_by')->default(''));
        DB::statement('drop trigger if exists model_figures_never_changed');
        $leads = DB::table('users')->where('role', 'lead')->pluck('name');
        DB::table('model_figures')->whereIn('by_name', $leads)->update(['checked_by' => DB::raw('by_name')]);
        Schema::table('signed_sheets', function (Blueprint $table): void {
            // The hash of the file that was signed, where its identity was taken out of it since.
            $table->string('sha256_as_signed', 64)->default('');
            $table->dateTime('erased_at')->nullable();
        });
        $this->refuseChanges();
    }

    /** The new columns are written once like the others, and so is the log; what is older than three years may be cleared away. */
    private function refuseChanges(): void
    {
        if (DB::getDriverName() !== 'sqlite') {
            return;
        }
        foreach (['waivers', 'model_figures', 'activity_log', 'signed_sheets'] as $table) {
            $columns = implode(', ', Schema::getColumnListing($table));
            DB::statement("drop trigger if exists {$table}_never_changed");
            DB::statement("create trigger {$table}_never_changed before update of {$columns} on {$table} begin "
                ."select raise(abort, 'rows of {$table} are never changed'); end");
        }
        DB::statement('create trigger activity_log_never_deleted before delete on activity_log when old.created_at >= '
            ."datetime('now', '-1095 days') begin select raise(abort, 'rows of activity_log are never deleted'); end");
    }

    /** Names stand under what was done, so no two people have the same; of two that do, the later one gets the sign-in name behind it. */
    private function nameEachAccountOnce(): void
    {
        $taken = [];
        foreach (DB::table('users')->orderBy('id')->get() as $user) {
            $name = isset($taken[mb_strtolower($user->name)]) ? "{$user->name} ({$user->login})" : $user->name;
            $taken[mb_strtolower($name)] = true;
            DB::table('users')->where('id', $user->id)->update(['name' => $name, 'name_key' => mb_strtolower($name)]);
        }
    }

    public function down(): void
    {
        Schema::table('signed_sheets', fn (Blueprint $table) => $table->dropColumn(['sha256_as_signed', 'erased_at']));
        Schema::table('model_figures', fn (Blueprint $table) => $table->dropColumn('checked_by'));
        Schema::table('waivers', fn (Blueprint $table) => $table->dropColumn(['reach', 'asked', 'seconded_by']));
        Schema::dropIfExists('activity_log');
        Schema::table('users', fn (Blueprint $table) => $table->dropUnique(['name_key']));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['disabled_at', 'first_password_until', 'name_key']));
    }
};
