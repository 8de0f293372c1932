<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Person;
use App\Models\Workshop;
use Illuminate\Foundation\Testing\TestCase;

/** A booted application with an empty workshop and one person at the bench. */
abstract class FeatureCase extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Workshop::the();
        Person::query()->firstOrCreate(['name' => 'Maren']);
    }
}
