<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

it('finds a sum by what one types, puts the figures in and draws it', function (): void {
    $this->visit('/sums');
    $this->find('[aria-label="Ask for a sum"]')->click();
    $this->keys('wax 1.4 g in 14k');
    $this->reads('[aria-label="Sums that may be meant"]', 'Metal for a wax: alloy 14k yellow, wax 1.4 g');
    $this->keys(WebDriverKeys::ENTER);
    $this->reads('h1', 'Metal for a wax');
    $this->reads('[data-path="wax_mass"]', '1.40');
    $this->reads('[data-path="alloy"]', '14k yellow');
    $this->find('main svg');
    expect($this->browser()->executeScript('return window.scrollY'))->toBe(0)
        ->and($this->browser()->getTitle())->toContain('Metal for a wax');
});

it('says which word it made nothing of, and what to do where no sum is meant', function (): void {
    $this->visit('/sums/form.band');
    $this->find('[aria-label="Ask for a sum"]')->click();
    $this->keys('strip size 8 1.65 sprinkled');
    $this->reads('[data-sum="strip.length"]', 'not understood: sprinkled');
    $this->visit('/sums/form.band');
    $this->find('[aria-label="Ask for a sum"]')->click();
    $this->keys('good morning');
    $this->reads('[aria-label="Sums that may be meant"]', 'Name what is wanted first');
    $this->visit('/sums/nothing.such');
    $this->sees('There is no sum called “nothing.such”');
});

it('remembers what was opened last, and lists its rows with their units', function (): void {
    $this->visit('/sums/plate.cut');
    $this->reads('h1', 'Plates and discs');
    $this->click('[data-group="Made by hand"] a[href="/sums/wire.ring"]');
    $this->reads('h1', 'Rings of wire');
    $this->reads('[data-group="Lately"]', 'Plates and discs');
    $this->visit('/sums/layout.divide');
    $this->click('main details:not([data-group]) summary');
    $this->reads('main table.figures', '2.50 mm');
    $this->reads('main table.figures', 'from the other edge');
});

it('changes a figure on the drawing of a sum, and the rest follows', function (): void {
    $this->visit('/sums/plate.cut');
    // 50 × 80 with discs of 12 and a gap of 0.3: 4 rows of 6.
    $this->reads('[data-result="plate.cut/makes"]', '24');
    $this->type('width', '20');
    // 2 rows of 3.
    $this->reads('[data-result="plate.cut/makes"]', '6');
});
