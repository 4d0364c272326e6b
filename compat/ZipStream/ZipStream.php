<?php

// Stand-in for maennchen/zipstream-php (not served here): PhpSpreadsheet only calls addFile() and finish().
declare(strict_types=1);

namespace ZipStream;

final class ZipStream
{
    private \ZipArchive $zip;

    private string $path;

    /** @param  resource  $outputStream */
    public function __construct(private $outputStream, bool $enableZip64 = false, bool $sendHttpHeaders = false, bool $defaultEnableZeroHeader = false)
    {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $this->zip = new \ZipArchive;
        $this->zip->open($this->path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
    }

    public function addFile(string $fileName, string $data): void
    {
        $this->zip->addFromString($fileName, $data);
        if ($fileName === 'mimetype') {
            $this->zip->setCompressionName($fileName, \ZipArchive::CM_STORE);
        }
    }

    public function finish(): int
    {
        $this->zip->close();
        $in = fopen($this->path, 'rb');
        $bytes = (int) stream_copy_to_stream($in, $this->outputStream);
        fclose($in);
        unlink($this->path);

        return $bytes;
    }
}
