<?php

declare(strict_types=1);

namespace Tools;

use Tools\Commands\BenchCommand;
use Tools\Commands\ContractCommand;
use Tools\Commands\FuzzCommand;

/** Commands for whoever develops Hot Sprue; a workshop's installation has none of them. */
final class Commands
{
    public const ALL = [BenchCommand::class, ContractCommand::class, FuzzCommand::class];
}
