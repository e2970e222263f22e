<?php

declare(strict_types=1);

use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/* What a shop of before has is there after the upgrade, and means what it meant. */

it('takes accounts, waivers and makers\' figures of before along', function () {
    $this->seedDemo();
    expect(Artisan::call('migrate:rollback', ['--step' => 1, '--force' => true]))->toBe(0)
        ->and(DB::getSchemaBuilder()->hasTable('activity_log'))->toBeFalse()
        ->and(fn () => DB::table('waivers')->update(['reason' => 'x']))->toThrow(Exception::class, 'never changed');
    DB::table('users')->insert(['name' => 'bram oakes', 'login' => 'bram2', 'role' => 'technician', 'password' => 'x']);
    foreach (['Bram Oakes', 'Ines Tarrow'] as $by) {
        DB::table('model_figures')->insert(['model' => 'x', 'written' => 'X', 'field' => $by, 'value' => '1 mm', 'by_name' => $by,
            'at' => now()]);
    }
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0);

    expect(User::query()->orderBy('id')->pluck('name')->all())->toBe(['Ines Tarrow', 'Bram Oakes', 'Sefi Lund', 'bram oakes (bram2)'])
        ->and(User::query()->where('login', 'bram')->firstOrFail()->disabled_at)->toBeNull()
        ->and(DB::table('model_figures')->where('model', 'x')->pluck('checked_by', 'by_name')->all())
        ->toBe(['Bram Oakes' => '', 'Ines Tarrow' => 'Ines Tarrow'])
        ->and(DB::table('waivers')->distinct()->pluck('reach')->all())->toBe(['out'])
        ->and(fn () => DB::table('waivers')->update(['reach' => 'near']))->toThrow(Exception::class, 'never changed')
        ->and(fn () => DB::table('activity_log')->insert(['description' => 'x', 'created_at' => now()])
            && DB::table('activity_log')->delete())->toThrow(Exception::class, 'never deleted');
    $this->post('/sign-in', ['login' => 'bram', 'password' => DemoSeeder::PASSWORD])->assertRedirect('/');
    foreach ([1, 2, 10] as $job) {
        $this->get("/jobs/{$job}/record")->assertOk();
    }
});

it('lets the log forget what is older than three years, and nothing younger', function () {
    foreach ([1000, 1100] as $days) {
        DB::table('activity_log')->insert(['description' => "{$days} days", 'created_at' => now()->subDays($days)]);
    }
    $this->artisan('activitylog:clean', ['--days' => 1095, '--force' => true])->assertExitCode(0);

    expect(DB::table('activity_log')->pluck('description')->all())->toBe(['1000 days']);
});
