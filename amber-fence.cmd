@echo off
rem Amber Fence on Windows: as the script amber-fence. With a command (analyze, apply, check, sound, steps, recipes) works on files;
rem otherwise opens the window. Written from the documentation of cmd.exe, and not run.
setlocal enabledelayedexpansion
set "HOME_DIR=%~dp0"
set "JAVA=java"
if defined JAVA_HOME set "JAVA=%JAVA_HOME%\bin\java"
"%JAVA%" -version >nul 2>&1
if errorlevel 1 (
  echo amber-fence: a JDK of version 17 or later is needed and was not found; install one, or set JAVA_HOME 1>&2
  exit /b 1
)
if not exist "%HOME_DIR%app\target\lib" (
  echo amber-fence: building; the first time this takes a minute or two 1>&2
  pushd "%HOME_DIR%"
  call mvn -q -B -Dmaven.test.skip=true package
  if errorlevel 1 exit /b 1
  popd
)
for %%c in (analyze apply check sound steps recipes help --help -h --version -V) do if "%~1"=="%%c" goto command

set "MODULES="
set "CLASSES=%HOME_DIR%app\target\amber-fence-app-0.1.0.jar"
for %%j in ("%HOME_DIR%app\target\lib\*.jar") do (
  set "NAME=%%~nxj"
  if "!NAME:~0,7!"=="javafx-" (
    if not "!NAME!"=="!NAME:-win=!" set "MODULES=!MODULES!;%%~j"
  ) else (
    set "CLASSES=!CLASSES!;%%~j"
  )
)
"%JAVA%" -XX:+UseG1GC -XX:MaxGCPauseMillis=30 -XX:MaxNewSize=24m -XX:TieredStopAtLevel=1 -Dfile.encoding=UTF-8 ^
  --add-exports java.desktop/com.sun.media.sound=ALL-UNNAMED ^
  --module-path "%MODULES:~1%" --add-modules javafx.controls -cp "%CLASSES%" amberfence.app.Main %*
exit /b %errorlevel%

:command
rem As in scripts/setup.sh.
set "OPTIONS=-XX:TieredStopAtLevel=1 -Xms16m -XX:NewSize=8m -XX:NewRatio=8 -XX:MinHeapFreeRatio=20"
if "%~1"=="sound" set "OPTIONS="
"%JAVA%" -XX:+UseSerialGC %OPTIONS% -Dfile.encoding=UTF-8 --add-exports java.desktop/com.sun.media.sound=ALL-UNNAMED ^
  -cp "%HOME_DIR%cli\target\amber-fence-cli-0.1.0.jar;%HOME_DIR%cli\target\lib\*" amberfence.cli.Main %*
exit /b %errorlevel%
