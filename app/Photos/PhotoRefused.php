<?php

declare(strict_types=1);

namespace App\Photos;

/** A picture that cannot be taken; its message is a sentence for the trainer. */
final class PhotoRefused extends \RuntimeException {}
