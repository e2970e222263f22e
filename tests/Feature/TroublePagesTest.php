<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

/* What is shown when something cannot be shown: in the words of the workshop, and with nothing of the server in it. */

it('says in words what is the matter', function (string $path, int $status, string $said) {
    $this->actingAs($this->technician());
    $answer = $this->get($path)->assertStatus($status)->assertSee($said);

    expect((string) $answer->getContent())->not->toContain('vendor/')->not->toContain('App\\')->not->toMatch('/\sstyle="|<style/');
})->with([
    ['/people', 403, 'Only the lead keeps accounts and reads what happened.'],
    ['/shop.zip', 403, 'Only the lead sets figures for the shop.'],
    ['/nowhere', 404, 'There is nothing at this address.'],
    ['/jobs/4711/strip', 404, 'There is nothing at this address.'],
    ['/?q[]=x', 422, 'The address asks for something in a shape that is not known here.'],
]);

it('shows without database or account that something failed', function () {
    Route::get('/fails', static fn () => throw new RuntimeException('a secret of the server at /srv'))->middleware('web');
    config(['app.debug' => false]);
    DB::listen(static fn ($query) => str_contains($query->sql, 'users') ? throw new LogicException('asked for an account') : null);

    $this->get('/fails')->assertStatus(500)->assertSee('Something failed')->assertDontSee('secret')->assertDontSee('/srv');
});

it('says while the server is looked after that entries are kept', function () {
    Route::get('/looked-after', static fn () => abort(503));

    $this->get('/looked-after')->assertStatus(503)->assertSee('Entries are kept in this browser');
});
