<?php

declare(strict_types=1);

namespace App\Actions;

/** A training with this number is kept for another person or another session. */
final class OtherTraining extends \RuntimeException {}
