<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Session\Template;
use Symfony\Component\Yaml\Yaml;

/** The templates that ship with the app. */
final readonly class TemplateFile
{
    public function __construct(private string $file) {}

    /** @return array<string, Template> by slug */
    public function templates(): array
    {
        $templates = [];
        foreach ((array) Yaml::parseFile($this->file) as $data) {
            $template = Template::read(is_array($data) ? $data : []);
            $templates[$template->slug] = $template;
        }

        return $templates;
    }
}
