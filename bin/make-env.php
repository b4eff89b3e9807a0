<?php

declare(strict_types=1);

// Writes .env once per checkout: own key, own database password, own ports and own cookie name,
// so that two checkouts on one machine never meet. Never overwrites.
$root = dirname(__DIR__);
$file = $root.'/.env';
if (is_file($file)) {
    exit(0);
}

$freePort = static function (int $from): int {
    for ($port = $from; $port < $from + 900; $port++) {
        $socket = @stream_socket_server("tcp://127.0.0.1:$port");
        if ($socket !== false) {
            fclose($socket);

            return $port;
        }
    }
    fwrite(STDERR, "No free port was found from $from on.\n");
    exit(1);
};

$instance = bin2hex(random_bytes(4));
$offset = hexdec(substr($instance, 0, 4)) % 700;
$port = $freePort(8100 + $offset);
$database = $freePort(33100 + $offset);
$run = '/tmp/even-rungs-'.$instance;

$post = 'http://127.0.0.1:'.$freePort(45100 + $offset);

$lines = [
    'APP_NAME="Even Rungs"',
    'APP_ENV=local',
    'APP_DEBUG=false',
    'APP_KEY=base64:'.base64_encode(random_bytes(32)),
    "APP_PORT=$port",
    "APP_URL=http://127.0.0.1:$port",
    'LOG_LEVEL=warning',
    '',
    'DB_HOST=127.0.0.1',
    "DB_PORT=$database",
    "DB_SOCKET=$run/db.sock",
    'DB_DATABASE=even_rungs',
    'DB_USERNAME=even_rungs',
    'DB_PASSWORD='.bin2hex(random_bytes(16)),
    '',
    'SESSION_DRIVER=database',
    'SESSION_LIFETIME=720',
    "SESSION_COOKIE=even_rungs_$instance",
    'SESSION_SAME_SITE=lax',
    'CACHE_STORE=file',
    'QUEUE_CONNECTION=database',
    "RUN_DIRECTORY=$run",
    'CUFF_ADDRESS=ws://127.0.0.1:'.$freePort(43100 + $offset),
    'MAIL_MAILER=smtp',
    'MAIL_HOST=127.0.0.1',
    'MAIL_PORT='.$freePort(44100 + $offset),
    'MAIL_FROM_ADDRESS=desk@even-rungs.example',
    'MAIL_FROM_NAME="Even Rungs"',
    "POST_ADDRESS=$post",
    // Messages of the demo go at once, and texts to what catches them.
    'MESSAGES_AT_ONCE=true',
    "TEXT_URL=$post/texts",
];
$old = umask(0077);
file_put_contents($file, implode("\n", $lines)."\n");
umask($old);
