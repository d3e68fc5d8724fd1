# What is installed beside the programs, and the Debian package made of it all (`tools/package`).
set(FLENZO_PACKAGING ${CMAKE_CURRENT_LIST_DIR})
install(FILES ${FLENZO_PACKAGING}/org.flenzo.flenzo.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${FLENZO_PACKAGING}/org.flenzo.flenzo.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES ${FLENZO_PACKAGING}/flenzo-mime.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages RENAME flenzo.xml)
set(icons ${CMAKE_INSTALL_DATADIR}/icons/hicolor)
install(FILES ${FLENZO_PACKAGING}/icons/flenzo.svg DESTINATION ${icons}/scalable/apps RENAME org.flenzo.flenzo.svg)
install(FILES ${FLENZO_PACKAGING}/icons/flenzo-file.svg DESTINATION ${icons}/scalable/mimetypes
        RENAME application-x-flenzo.svg)
foreach(size 16 24 32 48 64 128 256)
  install(FILES ${FLENZO_PACKAGING}/icons/flenzo-${size}.png DESTINATION ${icons}/${size}x${size}/apps
          RENAME org.flenzo.flenzo.png)
  install(FILES ${FLENZO_PACKAGING}/icons/flenzo-file-${size}.png DESTINATION ${icons}/${size}x${size}/mimetypes
          RENAME application-x-flenzo.png)
endforeach()
# Debian wants manual pages and changelog packed, the same way each time.
find_program(FLENZO_GZIP gzip REQUIRED)
foreach(page flenzo.1 flenzo-cli.1 flenzo-voice.1)
  set(packed ${CMAKE_BINARY_DIR}/packaging/${page}.gz)
  add_custom_command(OUTPUT ${packed} DEPENDS ${FLENZO_PACKAGING}/man/${page}
                     COMMAND ${CMAKE_COMMAND} -E make_directory ${CMAKE_BINARY_DIR}/packaging
                     COMMAND ${FLENZO_GZIP} -9nc ${FLENZO_PACKAGING}/man/${page} > ${packed})
  list(APPEND pages ${packed})
endforeach()
set(changelog ${CMAKE_BINARY_DIR}/packaging/changelog.gz)
add_custom_command(OUTPUT ${changelog} DEPENDS ${FLENZO_PACKAGING}/changelog
                   COMMAND ${CMAKE_COMMAND} -E make_directory ${CMAKE_BINARY_DIR}/packaging
                   COMMAND ${FLENZO_GZIP} -9nc ${FLENZO_PACKAGING}/changelog > ${changelog})
add_custom_target(flenzo_package_files ALL DEPENDS ${pages} ${changelog})
install(FILES ${pages} DESTINATION ${CMAKE_INSTALL_MANDIR}/man1)
install(FILES ${changelog} ${FLENZO_PACKAGING}/copyright DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/flenzo)

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME flenzo)
set(CPACK_PACKAGE_CONTACT "The Flenzo engineers <engineers@flenzo.invalid>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "restring and balance guitars with floating vibrato bridges")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION
    "Flenzo models the balance of strings and springs of floating and locking vibrato
bridges: how many claw turns a change of strings takes, what to tune each string
to so that all land in one or two passes, and what is left. It learns the guitar
in hand from the readings and carries the whole job of a shop.")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION sound)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6sql6-sqlite")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-speech-flite-plugin, libqt6sql6-psql")
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ
    WORLD_EXECUTE)
include(CPack)
