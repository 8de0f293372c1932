<?php

declare(strict_types=1);

use Tests\Support\Contract;

/** @return list<array<string, mixed>> */
function asked(string $said): array
{
    $answer = test()->getJson('/api/ask?said='.urlencode($said))->assertOk();

    return $answer->json('found');
}

it('finds the sum that is meant, with its figures in place', function (): void {
    $found = asked('strip size 8 1.65');
    expect($found[0]['sheet'])->toBe('strip.length')->and($found[0]['placed'])
        ->toEqual(['scale' => 'us', 'size' => '8', 'thickness' => '1.65'])
        ->and(count($found))->toBeLessThanOrEqual(4);
    // What was found is answered as it stands.
    $this->postJson('/api/sums/strip.length', $found[0]['input'])->assertOk()
        ->assertJsonPath('inputs.thickness.value', 1.65);
});

it('means the workshop’s own scale by a bare size', function (): void {
    $this->putJson('/api/shop', ['units.size' => 'uk'])->assertOk();
    expect(asked('strip size M')[0]['placed']['scale'])->toBe('uk')
        ->and(asked('strip size 14')[0]['placed']['scale'])->toBe('uk');
    $this->putJson('/api/shop', ['units.size' => 'jp'])->assertOk();
    expect(asked('strip size 14')[0]['placed']['scale'])->toBe('jp');
});

it('finds nothing in nothing, in nonsense, and in what is too long to be a question', function (string $said): void {
    expect(asked($said))->toBe([]);
})->with(['', '   ', 'xyzzy plugh', '%%%', str_repeat('x', 5000)]);

it('knows an alloy that the workshop added to its list', function (): void {
    $shipped = HotSprue\Workshop\WorkshopSettings::shipped()->rows('stock.alloys');
    $own = [...$shipped[0], 'name' => 'harbour-bronze', 'label' => 'harbour bronze', 'metal' => 'base'];
    $this->putJson('/api/shop', ['stock.alloys' => [...$shipped, $own]])->assertOk();
    expect(asked('wax 2 g in harbour bronze')[0]['placed']['alloy'])->toBe('harbour-bronze');
});

it('names the columns of every list that a sum answers with, with what stands in them', function (): void {
    $answer = $this->postJson('/api/sums/layout.divide', ['total' => 62, 'parts' => 7])->assertOk();
    expect(Contract::breaks('Sum', (string) $answer->getContent()))->toBe('');
    $columns = array_column($answer->json('columns.lines'), null, 'name');
    expect($columns['at_mm'])->toBe(['name' => 'at_mm', 'label' => 'at', 'quantity' => 'length'])
        ->and($columns['from']['quantity'])->toBeNull();
    $heats = $this->postJson('/api/sums/join.plan', (array) HotSprue\Samples\Samples::first('join.plan'))->assertOk();
    expect(array_column($heats->json('columns.heats'), 'quantity', 'name')['flow_c'])->toBe('temperature')
        ->and(array_column($heats->json('columns.heats'), 'name'))->not->toContain('key');
});

it('puts every sum into a group, in the order of the bench', function (): void {
    $groups = array_values(array_unique(array_column($this->getJson('/api/catalogue')->json('sheets'), 'group')));
    expect($groups[0])->toBe('Size and form')->and($groups)->toHaveCount(10)
        ->and(array_search('Wax', $groups, true))->toBeLessThan(array_search('Solder', $groups, true));
});

it('keeps the workshop’s name and mark, tells them to every tablet, and takes them away', function (): void {
    $this->putJson('/api/workshop', ['name' => 'By the harbour', 'mark' => 'M·T'])->assertOk()
        ->assertJsonPath('name', 'By the harbour');
    expect($this->getJson('/api/bench')->json('house'))->toBe(['name' => 'By the harbour', 'mark' => 'M·T']);
    $this->putJson('/api/workshop', ['name' => str_repeat('x', 81)])->assertStatus(422)
        ->assertJsonStructure(['errors' => ['name']]);
    $this->putJson('/api/workshop', ['mark' => null])->assertOk();
    expect($this->getJson('/api/bench')->json('house'))->toBe(['name' => 'By the harbour', 'mark' => null]);
});
