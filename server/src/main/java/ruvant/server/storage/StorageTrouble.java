package ruvant.server.storage;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.ReadOnlyFileSystemException;
import java.util.Optional;
import org.springframework.transaction.TransactionSystemException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * What is the matter with the disk or the shop's file, told apart by what a person can do about it.
 *
 * @param code short fixed name
 * @param what is the matter, as a sentence
 * @param remedy what to do
 */
public record StorageTrouble(String code, String what, String remedy) {
    private static final StorageTrouble FULL = new StorageTrouble(
            "diskFull",
            "the disk is full.",
            "Make room on the disk; Ruvant goes on by itself as soon as there is some.");

    private static final StorageTrouble READ_ONLY = new StorageTrouble(
            "readOnly",
            "the shop's files may not be written to.",
            "Check that the disk is not write-protected and that the data folder belongs to whoever runs Ruvant.");

    private static final StorageTrouble DAMAGED = new StorageTrouble(
            "damagedFile",
            "the shop's file is damaged.",
            "Stop Ruvant, then restore the newest backup: ./ruvant restore FILE --data FOLDER.");

    private static final StorageTrouble DISK = new StorageTrouble(
            "disk",
            "the disk cannot be read or written.",
            "Check the disk and its cable. Do not restart before there is a copy of the data folder.");

    /** The trouble behind a failure; empty where it is of another kind. */
    public static Optional<StorageTrouble> of(Throwable failure) {
        // a full disk ends the transaction by itself; that it cannot be ended once more hides why
        if (failure instanceof TransactionSystemException ended && ended.getApplicationException() != null) {
            return of(ended.getApplicationException()).or(() -> along(failure));
        }
        return along(failure);
    }

    private static Optional<StorageTrouble> along(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            Optional<StorageTrouble> known = switch (cause) {
                case SQLiteException file -> ofFile(file.getResultCode());
                case ReadOnlyFileSystemException only -> Optional.of(READ_ONLY);
                case AccessDeniedException denied -> Optional.of(READ_ONLY);
                case IOException disk -> ofDisk(disk);
                default -> Optional.empty();
            };
            if (known.isPresent()) {
                return known;
            }
        }
        return Optional.empty();
    }

    private static Optional<StorageTrouble> ofFile(SQLiteErrorCode code) {
        // extended codes carry the plain one in their lowest byte
        int plain = code.code & 0xff;
        if (plain == SQLiteErrorCode.SQLITE_FULL.code) {
            return Optional.of(FULL);
        }
        if (plain == SQLiteErrorCode.SQLITE_READONLY.code
                || plain == SQLiteErrorCode.SQLITE_CANTOPEN.code
                || plain == SQLiteErrorCode.SQLITE_PERM.code) {
            return Optional.of(READ_ONLY);
        }
        if (plain == SQLiteErrorCode.SQLITE_CORRUPT.code || plain == SQLiteErrorCode.SQLITE_NOTADB.code) {
            return Optional.of(DAMAGED);
        }
        return plain == SQLiteErrorCode.SQLITE_IOERR.code ? Optional.of(DISK) : Optional.empty();
    }

    private static Optional<StorageTrouble> ofDisk(IOException disk) {
        String said = disk instanceof FileSystemException file && file.getReason() != null
                ? file.getReason()
                : String.valueOf(disk.getMessage());
        if (said.contains("No space left") || said.contains("not enough space") || said.contains("quota")) {
            return Optional.of(FULL);
        }
        if (said.contains("Read-only file system") || said.contains("Permission denied")) {
            return Optional.of(READ_ONLY);
        }
        return said.contains("Input/output error") ? Optional.of(DISK) : Optional.empty();
    }
}
