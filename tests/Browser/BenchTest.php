<?php

declare(strict_types=1);

use App\Models\Job;
use HotSprue\Job\JobAnswers;

/** @param array<string, mixed> $more */
function shank(array $more = []): Job
{
    return Job::factory()->holding([
        'brief.title' => 'two lights', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925',
        'form.width_top' => '4', 'form.thickness_top' => '2', 'settings.0.style' => 'bezel',
        'settings.0.made' => 'apart',
        'stones.0.species' => 'sapphire', 'stones.0.shape' => 'round', 'stones.0.width' => '6',
        'stones.0.depth' => '3.8', ...$more,
    ])->create();
}

it('Join: one joint more makes it impossible, the remedy offered frees it, and a larger margin on the map '
    .'plans it anew', function (): void {
        $rows = [];
        foreach (range(1, 5) as $at) {
            $rows["parts.{$at}.id"] = "collet {$at}";
            if ($at < 5) {
                $rows['joints.'.($at - 1).'.id'] = "joint {$at}";
                $rows['joints.'.($at - 1).'.parts'] = "shank, collet {$at}";
            }
        }
        $job = shank(['parts.0.id' => 'shank', ...$rows]);
        $this->station($job, 'join');
        $this->figure('join.plan/fires', '4');
        $this->figure('join.plan/last_flow', '652');
        $this->tap('another joint');
        $this->type($this->inRow('joints', 'id'), 'joint 5');
        $this->type($this->inRow('joints', 'parts'), 'shank, collet 5');
        $this->find('[data-finding="no-plan"]');
        $this->click('[data-testid="remedies"] [data-kind="share"] button');
        $this->gone('[data-finding="no-plan"]');
        $this->figure('join.plan/fires', '4');
        // Sterling begins to melt at 802, and hard flows at 788: within 14 of it there is one grade more.
        $this->type('join.margin_c', '70', '[data-view="join.plan/joints"]');
        $this->find('[data-finding="no-plan"]');
        $this->type('join.margin_c', '60', '[data-view="join.plan/joints"]');
        $this->find('[data-finding="no-plan"]');
        $this->type('join.margin_c', '14', '[data-view="join.plan/joints"]');
        $this->gone('[data-finding="no-plan"]');
        $this->reads('[data-heat="1"]', '788 °C');
    });

it('Join: a heat moved later is planned anew at once, and says what it costs', function (): void {
    $job = shank([
        'parts.0.id' => 'a', 'parts.1.id' => 'b', 'parts.2.id' => 'c', 'parts.3.id' => 'd', 'joints.0.id' => 'left',
        'joints.0.parts' => 'a, b', 'joints.1.id' => 'middle', 'joints.1.parts' => 'b, c', 'joints.2.id' => 'right',
        'joints.2.parts' => 'c, d',
    ]);
    $this->station($job, 'join');
    $this->reads('[data-heat="2"]', 'right');
    $this->press('Heat 2 later');
    $this->find('[data-finding="order-costs"]');
    $this->reads('[data-finding="order-costs"]', 'heat 2 flows at 738 °C in place of 788');
    $this->tap('let the plan choose the order');
    $this->gone('[data-finding="order-costs"]');
    $this->reads('[data-heat="2"]', 'right');
    // Dragged by hand: the last to the place of the first.
    $from = $this->find('[data-heat="3"]');
    $this->browser->executeScript('arguments[0].scrollIntoView({block: "end"})', [$from]);
    $this->browser->executeScript(<<<'JS'
        const [from, to] = [document.querySelector('[data-heat="3"]'), document.querySelector('[data-heat="1"]')];
        const data = new DataTransfer();
        const how = { bubbles: true, cancelable: true, dataTransfer: data };
        const fire = (on, type) => on.dispatchEvent(new DragEvent(type, how));
        fire(from, 'dragstart');
        setTimeout(() => { fire(to, 'dragover'); fire(to, 'drop'); fire(from, 'dragend'); }, 120);
        JS);
    $this->reads('[data-heat="1"]', 'middle');
    $this->saved();
    expect($job->refresh()->held()->decision('join.order'))->toBe(['middle', 'left', 'right']);
});

it('keeps the solder stock: a grade that the cupboard does not hold is not planned with', function (): void {
    $job = shank(
        [
            'parts.0.id' => 'a', 'parts.1.id' => 'b', 'joints.0.id' => 'on', 'joints.0.parts' => 'a, b',
            'join.solders' => 'silver-medium, silver-easy',
        ],
    );
    $this->station($job, 'join');
    $this->reads('[data-heat="1"]', 'silver medium');
    $this->type('join.solders', 'silver-easy');
    $this->reads('[data-heat="1"]', 'silver easy (one nick)');
    $this->type('join.solders', 'tin');
    $this->sees('tin is not known here');
    expect(JobAnswers::of($job->refresh()->held(), $job->settings())->value('join.plan', 'possible'))->toBe('yes');
});

it('works a sum whose inputs are lists, row by row', function (): void {
    $this->visit('/sums/stock.cut');
    // 61 and a cut of 0.3 off 120 leave 58.7.
    $this->reads('[aria-label="Results"]', '58.70');
    $this->tap('add a row');
    $this->find('[aria-label="name of row 2"]')->sendKeys('shoulder');
    $this->find('[aria-label="length of row 2"]')->sendKeys('12');
    $this->reads('[aria-label="Results"]', '46.40');
    $this->press('Take out row 2');
    $this->reads('[aria-label="Results"]', '58.70');
});

it('takes a joint out again, and the plan with it', function (): void {
    $job = shank(
        [
            'parts.0.id' => 'a', 'parts.1.id' => 'b', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, b',
            'joints.1.id' => 'y', 'joints.1.parts' => 'a, b',
        ],
    );
    $this->station($job, 'join');
    $this->figure('join.plan/fires', '2');
    $this->press('Take out joints 2');
    $this->figure('join.plan/fires', '1');
    expect($job->refresh()->held()->list('joints'))->toHaveCount(1);
});
