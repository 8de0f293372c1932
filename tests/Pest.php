<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\BrowserCase;
use Tests\Support\FeatureCase;

// Every test file passes alone: what several of them use is here for each.
foreach (glob(__DIR__.'/Support/*.php') ?: [] as $helpers) {
    // A class is found by its name; functions are named by their file in small letters.
    ctype_lower(basename($helpers)[0]) && require_once $helpers;
}

pest()->extend(FeatureCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(BrowserCase::class)->in('Browser');
