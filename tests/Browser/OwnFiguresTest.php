<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Workshop;

afterEach(function (): void {
    $this->browser()->executeScript('return fetch("/api/own-figures/shrinkage.carved/back", { method: "POST", '
        .'headers: { "Idempotency-Key": crypto.randomUUID() } })');
});

it('offers what a year of castings says, and the next wax says whose figure it took',
    function (): void {
        $this->visit('/shop');
        $this->tap('What our own jobs say');
        $this->reads('[data-own="shrinkage.carved"]', 'the usual figure is 1.50 %');
        // A point for every finished job, and as many rows beside it.
        $this->until(
            fn (): bool => count($this->all('[data-own="shrinkage.carved"] svg .recharts-scatter circle')) >= 20,
            'the samples are not drawn');
        expect($this->all('[data-own="shrinkage.carved"] table tbody tr'))
            ->toHaveCount(Job::query()->where('state', 'delivered')->count());
        $this->click('[data-own="shrinkage.carved"] button');
        $this->reads('[data-own="shrinkage.carved"]', 'taken');
        $taken = Workshop::the()->own_figures['shrinkage.carved']['n'];
        $this->visit('/sums/wax.dimensions');
        $this->click('[data-result="bore"]');
        $this->reads('[data-testid="working"]', "the workshop’s own ({$taken} castings)");
        $this->visit('/shop/own');
        $this->tap('give it back');
        $this->reads('[data-own="shrinkage.carved"]', 'New jobs are reckoned with 1.50 %.');
    });

it('opens the job of a sample from the table beside the chart', function (): void {
    $this->visit('/shop/own');
    $this->click('[data-own="melting-loss"] summary');
    $row = $this->find('[data-own="melting-loss"] table tbody tr a');
    $number = $row->getText();
    $row->click();
    $this->reads('h1', $number);
});
