package fluidframe.server.figure;

import org.springframework.data.jpa.repository.JpaRepository;

interface FigureCopyRepository extends JpaRepository<FigureCopyEntity, String> {}
