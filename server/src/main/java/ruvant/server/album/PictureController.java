package ruvant.server.album;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import ruvant.core.people.Right;
import ruvant.server.access.Needs;

/** Pictures in and out. Which job a picture belongs to is said in the job's log. */
@RestController
@Needs(value = Right.LOOK, ofNoJob = true)
@RequestMapping("/api/pictures")
class PictureController {
    private final PictureStore pictures;

    PictureController(PictureStore pictures) {
        this.pictures = pictures;
    }

    @Needs(
            value = {},
            oneOf = {Right.BENCH, Right.DESK},
            ofNoJob = true)
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    PictureStore.Kept keep(@RequestParam MultipartFile file) throws IOException {
        // no more is read than shows that it is too large
        return pictures.keep(file.getInputStream().readNBytes(PictureStore.LARGEST_BYTES + 1));
    }

    @GetMapping("/{name}")
    ResponseEntity<Resource> whole(@PathVariable String name) {
        return answer(pictures.file(name), name);
    }

    @GetMapping("/{name}/small")
    ResponseEntity<Resource> small(@PathVariable String name) {
        return answer(pictures.smallFile(name), "small.jpg");
    }

    /** What is kept under a fingerprint never changes, so the browser need not ask twice. */
    private static ResponseEntity<Resource> answer(Optional<Path> file, String name) {
        return file.map(path -> ResponseEntity.ok()
                        .contentType(MediaType.parseMediaType(PictureStore.mediaType(name)))
                        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable())
                        .body((Resource) new FileSystemResource(path)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }
}
