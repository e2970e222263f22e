<?php

declare(strict_types=1);

use App\Console\NeedsShop;
use App\Models\Role;
use App\Models\ShopFigure;
use App\Models\User;

beforeEach(function (): void {
    $this->lead = User::factory()->create(['name' => 'Ines Tarrow', 'login' => 'ines', 'role' => Role::Lead]);
    $this->actingAs($this->lead);
});

it('leads the lead of an empty workshop through what it needs', function (): void {
    $this->get('/')->assertOk()->assertSee('Before the first customer')->assertSee('Name and address of the workshop')
        ->assertSee('Opening hours and closed days')->assertSee('A first list of kits')->assertSee('A first job');
});

it('asks no technician', function (): void {
    $this->actingAs($this->technician());
    $this->get('/')->assertOk()->assertDontSee('Before the first customer');
    $this->post('/set-up/later', ['step' => 'kits'])->assertForbidden();
    expect(ShopFigure::query()->where('section', ShopFigure::SET_UP)->exists())->toBeFalse();
});

it('asks no more for what is done, or was left for later', function (): void {
    $this->newJob($this->lead);
    $this->get('/')->assertDontSee('Open one, press Walk')->assertSee('A first list of kits');
    $this->post('/set-up/later', ['step' => 'kits'])->assertRedirect('/');
    $this->get('/')->assertDontSee('A first list of kits')->assertSee('Hourly rate and currency');
    foreach (['address', 'hours', 'rate', 'people', 'places', 'instruments'] as $step) {
        $this->post('/set-up/later', ['step' => $step]);
    }
    $this->get('/')->assertDontSee('Before the first customer');
});

it('leaves nothing for later that there is not', function (): void {
    $this->postJson('/set-up/later', ['step' => 'coffee'])->assertStatus(422);
});

it('says in a sentence what is missing before a command can work', function (): void {
    expect(NeedsShop::missing())->toBe('');
    config(['database.connections.sqlite.database' => '/nowhere/shop.sqlite']);
    expect(NeedsShop::missing())->toContain('/nowhere/shop.sqlite does not exist')->toContain('php artisan migrate --force');
});

it('shows the account where sessions are kept in files', function (): void {
    config(['session.driver' => 'file']);
    $this->get('/account')->assertOk();
});
